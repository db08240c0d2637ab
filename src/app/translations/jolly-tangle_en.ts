<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message numerus="yes">
        <source>%n key(s) used</source>
        <translation>
            <numerusform>%n key used</numerusform>
            <numerusform>%n keys used</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n count(s)</source>
        <translation>
            <numerusform>%n count</numerusform>
            <numerusform>%n counts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>steps of %1, %n count(s) seen</source>
        <translation>
            <numerusform>steps of %1, %n count seen</numerusform>
            <numerusform>steps of %1, %n counts seen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s) end at %1</source>
        <translation>
            <numerusform>One strand ends at %1</numerusform>
            <numerusform>%n strands end at %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::CalibrationRow</name>
    <message numerus="yes">
        <source>%n notch(es)</source>
        <translation>
            <numerusform>%n notch</numerusform>
            <numerusform>%n notches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>dead zone %1 on %n strand(s)</source>
        <translation>
            <numerusform>dead zone %1 on its strand</numerusform>
            <numerusform>dead zone %1 on %n strands</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::ChartCard</name>
    <message numerus="yes">
        <source>%n control(s) are drawn already; take one out first.</source>
        <translation>
            <numerusform>%n control is drawn already; take it out first.</numerusform>
            <numerusform>%n controls are drawn already; take one out first.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftCompare</name>
    <message numerus="yes">
        <source>%1 of %n meaning(s) differ.</source>
        <translation>
            <numerusform>%1 of %n meaning differs.</numerusform>
            <numerusform>%1 of %n meanings differ.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftDetails</name>
    <message numerus="yes">
        <source>%n strand(s), which every craft inherits.</source>
        <translation>
            <numerusform>%n strand, which every craft inherits.</numerusform>
            <numerusform>%n strands, which every craft inherits.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s): %1 of its own, %2 that change inherited ones.</source>
        <translation>
            <numerusform>%n strand: %1 of its own, %2 that change inherited ones.</numerusform>
            <numerusform>%n strands: %1 of its own, %2 that change inherited ones.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::DelayCard</name>
    <message numerus="yes">
        <source>The kernel dropped events %n time(s): they were not read fast enough, the machine is too busy.</source>
        <translation>
            <numerusform>The kernel dropped events once: they were not read fast enough, the machine is too busy.</numerusform>
            <numerusform>The kernel dropped events %n times: they were not read fast enough, the machine is too busy.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::FamilyCard</name>
    <message numerus="yes">
        <source>%n strand(s)</source>
        <translation>
            <numerusform>%n strand</numerusform>
            <numerusform>%n strands</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::GameCard</name>
    <message numerus="yes">
        <source>%n count(s)</source>
        <translation>
            <numerusform>%n count</numerusform>
            <numerusform>%n counts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>A game reads %n control(s) otherwise than was sent.</source>
        <translation>
            <numerusform>A game reads %n control otherwise than was sent.</numerusform>
            <numerusform>A game reads %n controls otherwise than was sent.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::LikeCard</name>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>and %n more</numerusform>
            <numerusform>and %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n control(s) find no place there.</source>
        <translation>
            <numerusform>%n control finds no place there.</numerusform>
            <numerusform>%n controls find no place there.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::MainWindow</name>
    <message numerus="yes">
        <source>%1 is removed; %n end(s) found no free place. Undo brings it back.</source>
        <translation>
            <numerusform>%1 is removed; %n end found no free place. Undo brings it back.</numerusform>
            <numerusform>%1 is removed; %n ends found no free place. Undo brings it back.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::NotchCard</name>
    <message numerus="yes">
        <source>Both give the same value at %n notch(es) now.</source>
        <translation>
            <numerusform>Both give the same value at %n notch now.</numerusform>
            <numerusform>Both give the same value at %n notches now.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::RailButton</name>
    <message numerus="yes">
        <source>%1, %n thing(s) need attention</source>
        <translation>
            <numerusform>%1, %n thing needs attention</numerusform>
            <numerusform>%1, %n things need attention</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::StackList</name>
    <message numerus="yes">
        <source>%n strand(s)</source>
        <translation>
            <numerusform>%n strand</numerusform>
            <numerusform>%n strands</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n function(s) need two modifiers at once.</source>
        <translation>
            <numerusform>One function needs two modifiers at once.</numerusform>
            <numerusform>%n functions need two modifiers at once.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::StatusBar</name>
    <message numerus="yes">
        <source>%1 of %n controller(s) held</source>
        <translation>
            <numerusform>%1 of %n controller held</numerusform>
            <numerusform>%1 of %n controllers held</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n controller(s), none held</source>
        <translation>
            <numerusform>%n controller, none held</numerusform>
            <numerusform>%n controllers, none held</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>preflight: %n thing(s) to look at</source>
        <translation>
            <numerusform>preflight: %n thing to look at</numerusform>
            <numerusform>preflight: %n things to look at</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>→ %1 through %n stage(s)</source>
        <translation>
            <numerusform>→ %1 through %n stage</numerusform>
            <numerusform>→ %1 through %n stages</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::WeavePage</name>
    <message numerus="yes">
        <source>%n strand(s) lead to %1. A click shows them.</source>
        <translation>
            <numerusform>%n strand leads to %1. A click shows it.</numerusform>
            <numerusform>%n strands lead to %1. A click shows them.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::Weaver</name>
    <message numerus="yes">
        <source>%n control(s) of %1 lead on now. Undo takes them back.</source>
        <translation>
            <numerusform>%n control of %1 leads on now. Undo takes it back.</numerusform>
            <numerusform>%n controls of %1 lead on now. Undo takes them back.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n control(s) found no place.</source>
        <translation>
            <numerusform>%n control found no place.</numerusform>
            <numerusform>%n controls found no place.</numerusform>
        </translation>
    </message>
</context>
</TS>
