// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <utility>
#include <variant>

namespace flenzo {

/// Why an input was refused: the field as the user or the file names it, and one sentence with the remedy.
struct Fault {
    std::string field;
    std::string what;
};

/// A value, or the fault that kept it from being made. Asking the wrong one is a programming error.
template <class T> class Result {
public:
    Result(T value) : content_(std::move(value)) {}
    Result(Fault fault) : content_(std::move(fault)) {}
    [[nodiscard]] bool ok() const { return std::holds_alternative<T>(content_); }
    [[nodiscard]] const T& value() const { return std::get<T>(content_); }
    [[nodiscard]] T& value() { return std::get<T>(content_); }
    [[nodiscard]] const Fault& fault() const { return std::get<Fault>(content_); }

private:
    std::variant<T, Fault> content_;
};

} // namespace flenzo
