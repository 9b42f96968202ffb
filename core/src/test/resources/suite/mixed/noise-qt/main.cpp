#include "window.h"
#include <QApplication>

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    LogModel model;
    LogWindow window(&model);
    window.QWidget::show();
    return app.exec();
}
