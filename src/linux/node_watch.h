// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/controller.h"
#include "linux/udev_device.h"
#include "ports/unique_fd.h"

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// An event node as it comes and goes.
struct NodeNews {
    std::string path;    ///< /dev/input/event*
    std::string group;   ///< the same for all nodes of one physical device
    std::string name;    ///< the device's own name
    std::string phys;    ///< its port
    std::string driver;  ///< of the HID device, else of the USB interface; empty for neither
    std::uint16_t vendor = 0;
    std::uint16_t product = 0;
    Words takenFor;                      ///< what udev takes it for, as the end of a sentence
    std::optional<ControllerKind> kind;  ///< empty for what is no controller
    bool isThere = true;
    bool isVirtual = false;  ///< made by a program, not by hardware
};

/// Tells which event nodes there are and which come and go. Listens to udev's own group, which
/// speaks only when permissions are final. Where no udev runs (sandboxes), it looks at the folder
/// every now and then: while somebody watches a folder by inotify, every read of the nodes in it
/// takes longer, for games, too (fsnotify(), measured: an eighth of an event's way).
class NodeWatch
{
 public:
    NodeWatch();
    ~NodeWatch();

    /// Readable when there may be news.
    [[nodiscard]] int fd() const noexcept;

    /// Everything there is now. A node may be told again by news().
    [[nodiscard]] std::vector<NodeNews> everything() const;

    /// What came, changed or went since the last call.
    [[nodiscard]] std::vector<NodeNews> news();

 private:
    [[nodiscard]] static NodeNews describe(udev_device* device);
    [[nodiscard]] std::vector<NodeNews> folderNews();
    void listenToUdev();
    void lookNowAndThen();
    [[nodiscard]] NodeNews newsOf(const std::string& name) const;

    Udev m_udev;
    std::unique_ptr<udev_monitor, UdevFree> m_monitor;  ///< null where no udev runs
    UniqueFd m_timer;                                   ///< of the looks at the folder
    std::map<std::string, std::uint64_t> m_seen;  ///< names and inodes of the nodes there were
};

}  // namespace jolly
