// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/node_filter.h"

#include <linux/input.h>
#include <nlohmann/json.hpp>
#include <sys/ioctl.h>
#include <sys/stat.h>
#include <sys/sysmacros.h>
#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <fstream>

namespace jolly
{

namespace
{

namespace fs = std::filesystem;
using Json = nlohmann::json;

fs::path folder()
{
    const auto* state = std::getenv("XDG_STATE_HOME");
    if (state && *state == '/') return fs::path(state) / "jolly-tangle/filters";
    const auto* home = std::getenv("HOME");
    return home && *home == '/' ? fs::path(home) / ".local/state/jolly-tangle/filters" : fs::path();
}

std::string bootId()
{
    std::ifstream file("/proc/sys/kernel/random/boot_id");
    std::string id;
    std::getline(file, id);
    return id;
}

/// The kernel's own name of the device, such as "input12": it is given once a boot.
std::string deviceOf(int fd)
{
    struct stat info {
    };
    if (fstat(fd, &info) != 0 || !S_ISCHR(info.st_mode)) return {};
    const auto node = "/sys/dev/char/" + std::to_string(major(info.st_rdev)) + ":" +
                      std::to_string(minor(info.st_rdev));
    std::error_code error;
    return fs::canonical(node, error).parent_path().filename().string();
}

std::string fileOf(int fd)
{
    const auto place = folder();
    const auto boot = bootId();
    const auto device = deviceOf(fd);
    if (place.empty() || boot.empty() || device.empty()) return {};
    return place / (boot + "-" + device + ".json");
}

/// When a process was started, in clock ticks since the boot (proc(5), stat, field 22); 0 when
/// there is none.
unsigned long long startOf(long pid)
{
    std::ifstream file("/proc/" + std::to_string(pid) + "/stat");
    std::string text;
    std::getline(file, text);
    const auto nameEnd = text.rfind(')');
    if (nameEnd == std::string::npos) return 0;
    std::istringstream rest(text.substr(nameEnd + 1));
    std::string skipped;
    for (int field = 3; field < 22; ++field) rest >> skipped;
    unsigned long long start = 0;
    rest >> start;
    return start;
}

/// What was written down in other boots is of no use any more.
void forgetOtherBoots(const fs::path& place)
{
    const auto boot = bootId();
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(place, error)) {
        if (!entry.path().filename().string().starts_with(boot)) fs::remove(entry.path(), error);
    }
}

}  // namespace

NodeFilter::NodeFilter(int fd) : m_fd(fd), m_file(fileOf(fd))
{
    if (recall()) return;
    for (unsigned code = 0; code < ABS_CNT; ++code) {
        input_absinfo info{};
        if (ioctl(m_fd, EVIOCGABS(code), &info) == 0 && (info.fuzz != 0 || info.flat != 0))
            m_axes.push_back({code, info.fuzz, info.flat});
    }
}

/// @return whether it was written down what the device came with.
bool NodeFilter::recall()
{
    std::ifstream file(m_file);
    if (!file) return false;
    const auto noted = Json::parse(file, nullptr, false);
    if (!noted.is_object() || !noted.value("axes", Json()).is_array()) return false;
    std::vector<Axis> axes;
    for (const auto& axis : noted["axes"]) {
        const auto number = [&](const char* key) {
            const auto found = axis.is_object() ? axis.find(key) : axis.end();
            return found != axis.end() && found->is_number_integer() ? found->get<int>() : -1;
        };
        const Axis read{static_cast<unsigned>(number("code")), number("fuzz"), number("flat")};
        if (read.code >= ABS_CNT || read.fuzz < 0 || read.flat < 0) return false;
        axes.push_back(read);
    }
    m_axes = std::move(axes);
    const auto isNumber = [&](const char* key) {
        return noted.contains(key) && noted[key].is_number_integer();
    };
    const bool isInUse =
        isNumber("process") && isNumber("started") &&
        startOf(noted["process"].get<long>()) == noted["started"].get<unsigned long long>();
    m_isCleared = !isInUse;
    if (m_isCleared) restore();
    return true;
}

void NodeFilter::remember() const
{
    if (m_file.empty()) return;
    auto axes = Json::array();
    for (const auto& axis : m_axes)
        axes.push_back({{"code", axis.code}, {"fuzz", axis.fuzz}, {"flat", axis.flat}});
    const auto self = static_cast<long>(getpid());
    const Json noted{{"process", self}, {"started", startOf(self)}, {"axes", axes}};
    std::error_code error;
    const auto place = fs::path(m_file).parent_path();
    fs::create_directories(place, error);
    forgetOtherBoots(place);
    const auto fresh = m_file + "." + std::to_string(self);
    std::ofstream(fresh) << noted.dump(2) << "\n";
    fs::rename(fresh, m_file, error);
}

void NodeFilter::clear()
{
    if (m_isCleared || m_axes.empty()) return;
    remember();
    m_isCleared = true;
    for (const auto& axis : m_axes) set(axis.code, 0, 0);
}

void NodeFilter::restore()
{
    if (!m_isCleared) return;
    m_isCleared = false;
    for (const auto& axis : m_axes) set(axis.code, axis.fuzz, axis.flat);
    std::error_code error;
    if (!m_file.empty()) fs::remove(m_file, error);
}

void NodeFilter::set(unsigned code, int fuzz, int flat) const noexcept
{
    input_absinfo info{};  // EVIOCSABS writes the value, too: read it right before
    if (ioctl(m_fd, EVIOCGABS(code), &info) != 0) return;
    info.fuzz = fuzz;
    info.flat = flat;
    ioctl(m_fd, EVIOCSABS(code), &info);
}

}  // namespace jolly
