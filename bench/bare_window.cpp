// SPDX-License-Identifier: GPL-3.0-or-later
// The least that the toolkit does to show a window, against which our own start is measured (tools/first-paint).
#include <QApplication>
#include <QLabel>
#include <QMainWindow>
#include <QTimer>
#include <cstdlib>

namespace {

class Bare : public QMainWindow {
protected:
    void paintEvent(QPaintEvent* event) override {
        QMainWindow::paintEvent(event);
        QTimer::singleShot(0, qApp, [] { std::quick_exit(0); });
    }
};

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    Bare window;
    window.setCentralWidget(new QLabel(QStringLiteral("bare"), &window));
    window.resize(1280, 800);
    window.show();
    return QApplication::exec();
}
