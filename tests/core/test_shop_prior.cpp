// SPDX-License-Identifier: GPL-3.0-or-later
// What a shop's guitars say of the next one, against closed forms.
#include "core/base/random_stream.h"
#include "core/log/shop_prior.h"

#include <QTest>
#include <cmath>

using namespace flenzo;

class TestShopPrior : public QObject {
    Q_OBJECT

    static constexpr Eigen::Index rate = static_cast<Eigen::Index>(Learned::SpringRate);
    static constexpr Eigen::Index place = static_cast<Eigen::Index>(Learned::ClawPlace);
    /// What is learned from a reading of the spring rate alone with that deviation.
    static Prior learned(double reading, double deviation) {
        Prior prior;
        const double variance = 1.0 / (1.0 + 1.0 / (deviation * deviation));
        prior.covariance(rate, rate) = variance;
        prior.mean[rate] = variance * reading / (deviation * deviation);
        return prior;
    }

private Q_SLOTS:
    void fewGuitarsSayNothing() {
        QVERIFY(!shopPrior({}));
        QVERIFY(!shopPrior({learned(1.0, 0.1), learned(1.0, 0.1)}));
    }

    void readingsOfNothingLeaveThePriorAsItWas() {
        const auto shop = shopPrior(std::vector<Prior>(10));
        QVERIFY(shop && shop->guitars == 10);
        QVERIFY(shop->prior.mean.norm() < 1e-9);
        for (Eigen::Index k = 0; k < learnedCount; ++k)
            QVERIFY(std::abs(shop->prior.covariance(k, k) - (k == place ? 1.0 : 1.0 + 1.0 / 14.0)) < 1e-6);
    }

    /// Known exactly and all alike: the mean drawn towards ours by four guitars in so many, the spread that is left.
    void sureGuitarsAgainstTheClosedForm() {
        for (const int count : {3, 10, 100}) {
            const double n = count, there = 1.5;
            const auto shop = shopPrior(std::vector<Prior>(static_cast<std::size_t>(count), learned(there, 1e-4)));
            const double mean = n * there / (n + 4.0);
            const double variance =
                std::max(0.0625, (n * (there - mean) * (there - mean) + 4.0 * (1.0 + mean * mean)) / (n + 4.0));
            QVERIFY(std::abs(shop->prior.mean[rate] - mean) < 1e-3);
            QVERIFY(std::abs(shop->prior.covariance(rate, rate) - variance * (1.0 + 1.0 / (n + 4.0))) < 1e-3);
            QVERIFY(shop->prior.mean[place] == 0.0 && shop->prior.covariance(place, place) == 1.0);
        }
    }

    /// Guitars of a kind, each read with an error: mean and spread come out, the spread rather too wide.
    void theKindIsFoundThroughTheNoise() {
        constexpr double centre = 1.2, spread = 0.5;
        for (const double deviation : {0.2, 0.8}) {
            double means = 0.0, variances = 0.0;
            constexpr int shops = 40, guitars = 60;
            for (std::uint32_t shop = 0; shop < shops; ++shop) {
                RandomStream random(shop, 5);
                std::vector<Prior> all;
                for (int g = 0; g < guitars; ++g)
                    all.push_back(learned(centre + random.normal(spread) + random.normal(deviation), deviation));
                const auto found = shopPrior(all);
                means += found->prior.mean[rate] / shops;
                variances += found->prior.covariance(rate, rate) / shops;
            }
            QVERIFY2(std::abs(means - centre * guitars / (guitars + 4.0)) < 0.08, qPrintable(QString::number(means)));
            QVERIFY2(std::sqrt(variances) > 0.45 && std::sqrt(variances) < 0.85,
                     qPrintable(QString::number(std::sqrt(variances))));
        }
    }
};

QTEST_APPLESS_MAIN(TestShopPrior)
#include "test_shop_prior.moc"
