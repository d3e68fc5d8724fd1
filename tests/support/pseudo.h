// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTranslator>

namespace flenzo::testing {

/// A language that nobody speaks: every sentence gets accents and half as many letters again, so that what is not
/// translated, or has no room for a longer language, is seen. Places (%1), plurals (%n), markup and shortcuts stay.
class PseudoTranslator : public QTranslator {
public:
    using QTranslator::QTranslator;
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char* context, const char* sourceText, const char*, int) const override {
        if (QLatin1String(context).startsWith(QLatin1Char('Q')))
            return {}; // Qt's own
        return spoken(QString::fromUtf8(sourceText));
    }
    [[nodiscard]] static QString spoken(const QString& text) {
        static const QString plain = QStringLiteral("aeiouyAEIOUY"), accented = QStringLiteral("áéîöûýÁÉÎÖÛÝ");
        QString out;
        bool markup = false, doubled = false;
        for (qsizetype k = 0; k < text.size(); ++k) {
            const QChar letter = text[k];
            markup = letter == QLatin1Char('<') || (markup && letter != QLatin1Char('>'));
            if (k > 0 && text[k - 1] == QLatin1Char('%')) { // a place
                out += letter;
                continue;
            }
            const qsizetype at = markup ? -1 : plain.indexOf(letter);
            out += at < 0 ? letter : accented[at];
            if (at >= 0 && (doubled = !doubled))
                out += accented[at];
        }
        return out;
    }
    /// Whether a text was spoken, or has nothing that could be.
    [[nodiscard]] static bool isSpoken(const QString& text) {
        static const QString plain = QStringLiteral("aeiouyAEIOUY");
        for (const QChar letter : text)
            if (plain.contains(letter))
                return false;
        return true;
    }
};

} // namespace flenzo::testing
