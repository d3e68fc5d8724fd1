// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/quote.h"

#include <QCoreApplication>
#include <cmath>

namespace flenzo {

namespace {

struct QuoteWords {
    Q_DECLARE_TR_FUNCTIONS(Quote)
};

} // namespace

Offer offerFor(const Job& job, const Quantiles& minutes, const Money& hour, const Stock& stock) {
    Offer offer;
    offer.before = hour.currency.before;
    offer.after = hour.currency.after;
    offer.labourLeast_minor = labour_minor(std::round(minutes.p10), hour);
    offer.labourMost_minor = labour_minor(std::round(minutes.p90), hour);
    for (const StockMove& taken : takenBy(job, stock))
        offer.parts_minor -= taken.pieces * inStock(stock, taken.item)->price_minor;
    return offer;
}

std::optional<qint64> stringsPrice_minor(const Job& job, const Stock& stock) {
    const auto strings = static_cast<qint64>(job.onPicks.strings.size());
    qint64 price_minor = 0, priced = 0;
    for (const StockMove& taken : takenBy(job, stock)) {
        const StockItem* item = inStock(stock, taken.item);
        if (item->price_minor <= 0)
            return std::nullopt;
        price_minor -= taken.pieces * item->price_minor;
        priced = item->kind == StockKind::Set ? strings : priced - taken.pieces;
    }
    return priced > 0 && priced == strings ? std::optional(price_minor) : std::nullopt;
}

QString offerText(const Offer& offer) {
    const Currency currency{offer.before, offer.after};
    const qint64 least = offer.labourLeast_minor + offer.parts_minor;
    const qint64 most = offer.labourMost_minor + offer.parts_minor;
    if (least == most)
        return moneyText(least, currency);
    return QuoteWords::tr("%1 to %2")
        .arg(moneyText(least, {currency.before, QString()}), moneyText(most, {QString(), currency.after}));
}

} // namespace flenzo
