// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/code_picture.h"

#include <memory>
#include <qrencode.h>

namespace flenzo {

QImage codePicture(const QString& text, int module_px) {
    constexpr int smallest = 0; // version: as small as the text allows
    const std::unique_ptr<QRcode, void (*)(QRcode*)> code(
        QRcode_encodeString(text.toLatin1().constData(), smallest, QR_ECLEVEL_Q, QR_MODE_8, 1), QRcode_free);
    if (!code)
        return {};
    constexpr int quiet = 4; // squares of margin
    const int side = code->width + 2 * quiet;
    QImage picture(side, side, QImage::Format_RGB32);
    picture.fill(Qt::white);
    for (int y = 0; y < code->width; ++y)
        for (int x = 0; x < code->width; ++x)
            if ((code->data[y * code->width + x] & 1) != 0)
                picture.setPixel(x + quiet, y + quiet, qRgb(0, 0, 0));
    return picture.scaled(side * module_px, side * module_px);
}

} // namespace flenzo
