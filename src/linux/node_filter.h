// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

namespace jolly
{

/// The kernel's own noise filter and dead zone of a node's axes (struct input_absinfo, fuzz and
/// flat). They belong to the device and not to who changed them: what a program clears stays
/// cleared for everybody, also when that program is killed. So what the device came with is written
/// down before anything is changed, below $XDG_STATE_HOME/jolly-tangle/filters, in a file for each
/// device and boot; the next program of ours that opens the node gives it back.
class NodeFilter
{
 public:
    /// Finds out what the device came with, and gives it back when a program that is gone left it
    /// cleared. @param fd  of the node; stays open for as long as this lives.
    explicit NodeFilter(int fd);

    /// Gives back what was cleared.
    ~NodeFilter() { restore(); }
    NodeFilter(const NodeFilter&) = delete;
    NodeFilter& operator=(const NodeFilter&) = delete;

    void clear();
    void restore();

 private:
    struct Axis {
        unsigned code = 0;
        int fuzz = 0;
        int flat = 0;
    };

    [[nodiscard]] bool recall();
    void remember() const;
    void set(unsigned code, int fuzz, int flat) const noexcept;

    int m_fd;
    std::string m_file;  ///< where it is written down; empty when there is no place
    std::vector<Axis> m_axes;
    bool m_isCleared = false;
};

}  // namespace jolly
