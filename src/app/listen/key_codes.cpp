// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/key_codes.h"
#include "app/style/qt_text.h"

#include "core/value/control_code.h"

#include <linux/input-event-codes.h>
#include <xkbcommon/xkbcommon.h>

#include <QFile>
#include <QHash>
#include <QSettings>
#include <memory>

namespace jolly::app
{

namespace
{

/// X and Wayland count keys from here.
constexpr quint32 kFirstScanCode = 8;

/// Where the system keeps the layout that is used when a session does not say another.
constexpr auto kLayoutFile = "/etc/default/keyboard";

/// For events that carry no scan code, as those that programs make.
const QHash<int, std::uint16_t>& codesOfKeys()
{
    static const QHash<int, std::uint16_t> codes = [] {
        QHash<int, std::uint16_t> all = {{Qt::Key_Control, KEY_LEFTCTRL},
                                         {Qt::Key_Shift, KEY_LEFTSHIFT},
                                         {Qt::Key_Alt, KEY_LEFTALT},
                                         {Qt::Key_Meta, KEY_LEFTMETA},
                                         {Qt::Key_AltGr, KEY_RIGHTALT},
                                         {Qt::Key_Escape, KEY_ESC},
                                         {Qt::Key_Tab, KEY_TAB},
                                         {Qt::Key_Backtab, KEY_TAB},
                                         {Qt::Key_Return, KEY_ENTER},
                                         {Qt::Key_Enter, KEY_KPENTER},
                                         {Qt::Key_Space, KEY_SPACE},
                                         {Qt::Key_Backspace, KEY_BACKSPACE},
                                         {Qt::Key_Delete, KEY_DELETE},
                                         {Qt::Key_Insert, KEY_INSERT},
                                         {Qt::Key_Home, KEY_HOME},
                                         {Qt::Key_End, KEY_END},
                                         {Qt::Key_PageUp, KEY_PAGEUP},
                                         {Qt::Key_PageDown, KEY_PAGEDOWN},
                                         {Qt::Key_Up, KEY_UP},
                                         {Qt::Key_Down, KEY_DOWN},
                                         {Qt::Key_Left, KEY_LEFT},
                                         {Qt::Key_Right, KEY_RIGHT},
                                         {Qt::Key_F11, KEY_F11},
                                         {Qt::Key_F12, KEY_F12},
                                         {Qt::Key_Comma, KEY_COMMA},
                                         {Qt::Key_Period, KEY_DOT},
                                         {Qt::Key_0, KEY_0}};
        constexpr std::uint16_t kLetters[] = {KEY_A, KEY_B, KEY_C, KEY_D, KEY_E, KEY_F, KEY_G,
                                              KEY_H, KEY_I, KEY_J, KEY_K, KEY_L, KEY_M, KEY_N,
                                              KEY_O, KEY_P, KEY_Q, KEY_R, KEY_S, KEY_T, KEY_U,
                                              KEY_V, KEY_W, KEY_X, KEY_Y, KEY_Z};
        for (int i = 0; i < 26; ++i) all[Qt::Key_A + i] = kLetters[i];
        for (int i = 0; i < 9; ++i) all[Qt::Key_1 + i] = static_cast<std::uint16_t>(KEY_1 + i);
        for (int i = 0; i < 10; ++i) all[Qt::Key_F1 + i] = static_cast<std::uint16_t>(KEY_F1 + i);
        return all;
    }();
    return codes;
}

/// The layout, as xkbcommon knows it.
class Layout
{
 public:
    Layout() : m_context(xkb_context_new(XKB_CONTEXT_NO_FLAGS), xkb_context_unref)
    {
        if (!m_context) return;
        const QSettings file(QString::fromLatin1(kLayoutFile), QSettings::IniFormat);
        const auto said = [&](const char* key) {
            return file.value(QLatin1String(key)).toStringList().join(QLatin1Char(',')).toUtf8();
        };
        const bool isSaid = qEnvironmentVariableIsEmpty("XKB_DEFAULT_LAYOUT");
        const auto layout = said("XKBLAYOUT");
        const auto variant = said("XKBVARIANT");
        xkb_rule_names names{};
        names.layout = isSaid && !layout.isEmpty() ? layout.constData() : nullptr;
        names.variant = isSaid && !variant.isEmpty() ? variant.constData() : nullptr;
        m_map = {xkb_keymap_new_from_names(m_context.get(), &names, XKB_KEYMAP_COMPILE_NO_FLAGS),
                 xkb_keymap_unref};
    }

    [[nodiscard]] xkb_keysym_t symbolOf(std::uint16_t code) const
    {
        const xkb_keysym_t* symbols = nullptr;
        const int count = m_map ? xkb_keymap_key_get_syms_by_level(
                                      m_map.get(), code + kFirstScanCode, 0, 0, &symbols)
                                : 0;
        return count > 0 ? symbols[0] : static_cast<xkb_keysym_t>(XKB_KEY_NoSymbol);
    }

 private:
    std::unique_ptr<xkb_context, decltype(&xkb_context_unref)> m_context;
    std::unique_ptr<xkb_keymap, decltype(&xkb_keymap_unref)> m_map{nullptr, xkb_keymap_unref};
};

xkb_keysym_t symbolOf(std::uint16_t code)
{
    static const Layout layout;
    return layout.symbolOf(code);
}

/// What is called otherwise on keyboards than by xkbcommon.
QString wordFor(const QString& symbol)
{
    static const QHash<QString, QString> words = {
        {QStringLiteral("Control_L"), QStringLiteral("Ctrl")},
        {QStringLiteral("Control_R"), QStringLiteral("Right Ctrl")},
        {QStringLiteral("Shift_L"), QStringLiteral("Shift")},
        {QStringLiteral("Shift_R"), QStringLiteral("Right Shift")},
        {QStringLiteral("Alt_L"), QStringLiteral("Alt")},
        {QStringLiteral("Alt_R"), QStringLiteral("Right Alt")},
        {QStringLiteral("ISO_Level3_Shift"), QStringLiteral("AltGr")},
        {QStringLiteral("Super_L"), QStringLiteral("Super")},
        {QStringLiteral("Super_R"), QStringLiteral("Right Super")},
        {QStringLiteral("Return"), QStringLiteral("Enter")},
        {QStringLiteral("Escape"), QStringLiteral("Esc")},
        {QStringLiteral("Prior"), QStringLiteral("Page Up")},
        {QStringLiteral("Next"), QStringLiteral("Page Down")},
        {QStringLiteral("space"), QStringLiteral("Space")}};
    auto plain = words.value(symbol, symbol);
    return plain.replace(QLatin1Char('_'), QLatin1Char(' '));
}

}  // namespace

std::optional<std::uint16_t> keyCodeOf(const QKeyEvent& event)
{
    const auto scanned = event.nativeScanCode();
    if (scanned > kFirstScanCode) return static_cast<std::uint16_t>(scanned - kFirstScanCode);
    const auto& codes = codesOfKeys();
    const auto found = codes.find(event.key());
    return found == codes.end() ? std::nullopt : std::optional(*found);
}

bool hasKey(std::uint16_t code)
{
    return symbolOf(code) != XKB_KEY_NoSymbol;
}

QString keyName(std::uint16_t code)
{
    const auto symbol = symbolOf(code);
    // Layouts give the keys above F12 to deeds of the desktop; on the few keyboards that have them
    // their numbers are what stands there.
    const bool isHighFunctionKey = code >= KEY_F13 && code <= KEY_F24;
    if (symbol == XKB_KEY_NoSymbol || isHighFunctionKey) {
        const auto name = toQt(toText({EventType::Key, code, 0}));
        return name.mid(name.indexOf(QLatin1Char('_')) + 1);
    }
    const auto sign = xkb_keysym_to_utf32(symbol);
    if (sign > U' ' && sign != 0x7f)
        return QString::fromUcs4(reinterpret_cast<const char32_t*>(&sign), 1).toUpper();
    char name[64] = {};
    xkb_keysym_get_name(symbol, name, sizeof name);
    return wordFor(QString::fromUtf8(name));
}

}  // namespace jolly::app
