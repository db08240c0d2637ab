// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLayout>
#include <QList>

namespace jolly::app
{

/// Widgets side by side, each as wide as it needs; those that do not fit begin a new line. A spacer
/// pushes the rest of its line to the right.
class WrapLayout : public QLayout
{
 public:
    explicit WrapLayout(int space, QWidget* parent = nullptr);
    ~WrapLayout() override;

    void addStretch();

    void addItem(QLayoutItem* item) override { m_items.append(item); }
    [[nodiscard]] int count() const override { return static_cast<int>(m_items.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int place) const override { return m_items.value(place); }
    QLayoutItem* takeAt(int place) override;

    /// It takes the height that it needs and no more.
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& rect) override;

 private:
    /// @return the height of it all.
    int arrange(const QRect& rect, bool isReal) const;

    QList<QLayoutItem*> m_items;
};

}  // namespace jolly::app
