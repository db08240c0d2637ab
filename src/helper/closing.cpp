// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/closing.h"

#include "linux/child.h"

#include <sys/stat.h>

#include <algorithm>
#include <fstream>

namespace jolly
{

namespace
{

namespace fs = std::filesystem;

const fs::path kFolder = "/run/udev/rules.d";
/// Without the first nothing is marked, and the second does nothing; it stays until all was opened.
const fs::path kRules = kFolder / "72-jolly-tangle-helper.rules";
const fs::path kClosing = kFolder / "99-jolly-tangle-helper.rules";
const std::string kUdevadm = "/bin/udevadm";
const std::string kKeptNow = std::string("--property-match=") + kKeptProperty + "=1";

bool udevadm(std::vector<std::string> words)
{
    words.insert(words.begin(), kUdevadm);
    const auto child = Child::start(words, Child::Output::Quiet);
    return child && child->wait() == 0;
}

/// Lets udev set the permissions of these anew, and waits for it.
bool lookAgainAt(std::vector<std::string> which)
{
    const std::vector<std::string> words = {"trigger", "--settle", "--action=change"};
    which.insert(which.begin(), words.begin(), words.end());
    return udevadm(std::move(which));
}

Fallible write(const fs::path& file, const std::string& text)
{
    std::error_code error;
    fs::create_directories(kFolder, error);
    const auto unfinished = kFolder / "jolly-tangle-helper.new";
    std::ofstream out(unfinished);
    out << text << std::flush;
    if (out) fs::rename(unfinished, file, error);
    if (out && !error) return {};
    return fail(Failure::Code::System, say("%1 cannot be written.", file.string()),
                words("Look for room in /run."));
}

bool isClosed(const std::string& node)
{
    struct stat status {
    };
    if (stat(node.c_str(), &status) != 0) return true;  // unplugged; the rules wait for it
    return status.st_uid == 0 && (status.st_mode & (S_IRWXG | S_IRWXO)) == 0;
}

/// A node that others may open; empty when there is none.
std::string firstOpen(const FoundController& controller)
{
    const auto open = std::ranges::find_if_not(controller.nodes, isClosed);
    return open == controller.nodes.end() ? std::string() : *open;
}

}  // namespace

void openAll()
{
    std::error_code error;
    const bool areClosed = fs::remove(kRules, error) || fs::exists(kClosing, error);
    if (!areClosed) return;
    udevadm({"control", "--reload"});
    lookAgainAt({kKeptNow});
    fs::remove(kClosing, error);  // last: whoever was killed before that is done with next time
}

Closing::Closing()
{
    openAll();
}

Fallible Closing::close(const std::string& rules, const std::vector<FoundController>& now)
{
    if (rules != m_rules) {
        m_rules = rules;
        if (rules.empty()) {
            openAll();
            return {};
        }
        for (const auto& [file, text] :
             {std::pair(kClosing, std::string(kClosingRule)), std::pair(kRules, rules)}) {
            if (auto done = write(file, text); !done) return done;
        }
        udevadm({"control", "--reload"});
        lookAgainAt({kKeptNow});
    }
    std::vector<std::string> toClose;
    for (const auto& controller : now) {
        if (!firstOpen(controller).empty())
            toClose.insert(toClose.end(), controller.sysPaths.begin(), controller.sysPaths.end());
    }
    if (!toClose.empty()) lookAgainAt(toClose);
    for (const auto& controller : now) {
        const auto node = firstOpen(controller);
        if (node.empty()) continue;
        return fail(
            Failure::Code::System, say("The system did not close %1 to other programs.", node),
            words("See whether udev runs, and whether a rule of yours sets its permissions."));
    }
    return {};
}

}  // namespace jolly
