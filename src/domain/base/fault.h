// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>
#include <utility>
#include <variant>

namespace flenzo {

/// What can be wrong with an input, told apart by its address; `domain/base/faults.h` has them all.
struct FaultCode {
    const char* sentence; ///< follows the field, says what is wrong and the remedy; %1, %2 ... are the arguments
};

/// Why an input was refused: what is wrong, with which field as the user or the file names it, and the figures.
struct Fault {
    Fault(const FaultCode& code, QString inField, QStringList with = {})
        : field(std::move(inField)), arguments(std::move(with)), code_(&code) {}
    [[nodiscard]] bool is(const FaultCode& code) const { return code_ == &code; }
    /// In the user's language, beginning with the remedy's subject: "is missing; give a number".
    [[nodiscard]] QString whatIsWrong() const;
    /// The same with the field before it.
    [[nodiscard]] QString sentence() const;

    QString field;
    QStringList arguments;

private:
    const FaultCode* code_;
};
/// "file: field what is wrong and the remedy".
[[nodiscard]] QString sentence(const QString& path, const Fault& fault);

/// A value, or the fault that kept it from being made. Asking the wrong one is a programming error.
template <class T> class Result {
public:
    Result(T value) : content_(std::move(value)) {}
    Result(Fault fault) : content_(std::move(fault)) {}
    [[nodiscard]] bool ok() const { return std::holds_alternative<T>(content_); }
    [[nodiscard]] const T& value() const& { return std::get<T>(content_); }
    [[nodiscard]] T& value() & { return std::get<T>(content_); }
    [[nodiscard]] T value() && { return std::get<T>(std::move(content_)); } // outlives what it came in
    [[nodiscard]] const Fault& fault() const& { return std::get<Fault>(content_); }
    [[nodiscard]] Fault fault() && { return std::get<Fault>(std::move(content_)); }

private:
    std::variant<T, Fault> content_;
};

} // namespace flenzo
