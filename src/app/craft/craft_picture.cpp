// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/craft/craft_picture.h"

#include "app/style/theme.h"

#include <QDateTime>
#include <QFileInfo>
#include <QImageReader>
#include <QPixmapCache>
#include <QPointer>

namespace jolly::app
{

namespace
{

constexpr int kHeight = 110;

QImage read(const QString& file)
{
    QImageReader reader(file);
    reader.setAutoTransform(true);
    const auto whole = reader.size();
    if (!whole.isEmpty())
        reader.setScaledSize(whole.scaled(kHeight * 8, kHeight, Qt::KeepAspectRatio));
    return reader.read();
}

/// Of the file as it is now.
QString keyOf(const QString& file)
{
    return QStringLiteral("craft %1 %2")
        .arg(QString::number(QFileInfo(file).lastModified().toMSecsSinceEpoch()), file);
}

}  // namespace

CraftPicture::CraftPicture(const QString& file, Aside& aside, QWidget* parent)
    : QLabel(parent), m_file(file)
{
    setObjectName(QStringLiteral("craft picture"));
    setWordWrap(true);
    setFont(textFont(TextSize::Small));
    setTone(*this, "coral");
    setFixedHeight(kHeight);
    QPixmap known;
    if (QPixmapCache::find(keyOf(file), &known)) {
        setPixmap(known);
        return;
    }
    const QPointer<CraftPicture> self(this);
    aside.ask([file] { return read(file); },
              [self](const QImage& picture) {
                  if (self) self->show(picture);
              });
}

void CraftPicture::show(const QImage& picture)
{
    if (picture.isNull()) return setText(tr("No picture can be read from %1.").arg(m_file));
    const auto pixmap = QPixmap::fromImage(picture);
    QPixmapCache::insert(keyOf(m_file), pixmap);
    setPixmap(pixmap);
}

}  // namespace jolly::app
