// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "listen/hearing/recording.h"

#include <QByteArray>

namespace flenzo {

inline constexpr int leastRate_Hz = 8000, mostRate_Hz = 192000, mostChannels = 32;

/// The sound of a file, or what is wrong with it: WAV, FLAC, Ogg, AIFF and what else libsndfile reads, 8 to 192 kHz.
/// Samples that are no numbers are silence. A file that says it holds more than it does counts as cut short.
[[nodiscard]] Result<Recording> readRecording(const QString& path);
[[nodiscard]] Result<Recording> recordingFrom(const QByteArray& file);
/// The same as a WAV file of 32-bit floats; nothing where it could not be written.
[[nodiscard]] QByteArray wavBytes(const Recording& recording);
/// Endings of files that are read, for a dialog: "*.wav *.flac".
[[nodiscard]] QString recordingEndings();

} // namespace flenzo
