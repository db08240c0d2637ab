bool isBent(const Stage& stage)
{
    return std::holds_alternative<Curve>(stage.parameters);
}

bool isHalved(const Stage& stage)
{
    return std::get_if<Half>(&stage.parameters) && std::get_if<Target>(&end.goal);
}

bool asksForAGoal(const Goal& goal)
{
    return std::holds_alternative<LayerGoal>(goal);
}
