// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/practice_run.h"

#include <QJsonObject>

namespace flenzo {

/// Reads `flenzo-exercise` version 1 (docs/formats.md).
[[nodiscard]] Result<Exercise> exerciseFromJson(const QJsonObject& json);
/// Reads `flenzo-acts` version 1: what somebody does in an exercise on this guitar.
[[nodiscard]] Result<QList<PracticeAct>> actsFromJson(const QJsonObject& json, const Rig& rig);
[[nodiscard]] QJsonObject actsToJson(const QList<PracticeAct>& acts, const Rig& rig);
[[nodiscard]] QJsonObject scoreToJson(const PracticeScore& score);
[[nodiscard]] PracticeScore scoreFromJson(const QJsonObject& json);

/// The exercises that ship with the program, by rung. A fault is a broken installation.
[[nodiscard]] Result<QList<Exercise>> bundledExercises();
/// One of them by its name, or one of a file.
[[nodiscard]] Result<Exercise> exerciseNamed(const QString& nameOrPath);

} // namespace flenzo
