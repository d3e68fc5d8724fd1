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
