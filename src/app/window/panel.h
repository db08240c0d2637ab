// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDialog>
#include <QHBoxLayout>
#include <QPushButton>
#include <QStringList>
#include <QVBoxLayout>

namespace jolly::app
{

/// A dialog in our own look: a title, what there is to read, and buttons that say what they do.
/// Escape leaves things as they are.
class Panel : public QDialog
{
    Q_OBJECT

 public:
    Panel(const QString& title, QWidget* parent);

    [[nodiscard]] QVBoxLayout& column() { return *m_column; }

    /// A sentence, in lines as wide as they read well.
    void addWords(const QString& sentence);

    /// Many lines, which scroll when they are too many.
    void addLines(const QStringList& lines);

    /// The way that Enter goes is the first one.
    ///
    /// @return the button; pressing it closes the panel with result().
    QPushButton* addWay(const QString& words, int result);

    /// One of several ways of one kind, in a line of its own above the others.
    void addChoice(const QString& words, int result);

 private:
    QVBoxLayout* m_column;
    QHBoxLayout* m_ways;
};

}  // namespace jolly::app
