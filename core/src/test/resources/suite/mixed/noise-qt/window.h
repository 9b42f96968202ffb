#pragma once
#include <QLabel>
#include <QLineEdit>
#include <QMainWindow>
#include <QPushButton>
#include <QStringList>
#include <QVBoxLayout>

class LogModel : public QObject {
    Q_OBJECT
public:
    explicit LogModel(QObject* parent = nullptr) : QObject(parent) {}
    void add(const QString& line) {
        lines_.append(line);
        emit added(line);
    }
    int size() const { return lines_.size(); }

signals:
    void added(const QString& line);

private:
    QStringList lines_;
};

class LogWindow : public QMainWindow {
    Q_OBJECT
public:
    explicit LogWindow(LogModel* model) : model_(model) {
        auto* central = new QWidget(this);
        auto* layout = new QVBoxLayout(central);
        layout->addWidget(field_);
        layout->addWidget(button_);
        layout->addWidget(label_);
        setCentralWidget(central);
        connect(button_, &QPushButton::clicked, this, &LogWindow::submit);
        connect(model_, &LogModel::added, this, &LogWindow::show);
    }

private slots:
    void submit() {
        if (field_->text().isEmpty()) return;
        model_->add(field_->text());
        field_->clear();
    }
    void show(const QString& line) { label_->setText(line + QString::number(model_->size())); }

private:
    LogModel* model_;
    QLineEdit* field_ = new QLineEdit(this);
    QPushButton* button_ = new QPushButton("Log", this);
    QLabel* label_ = new QLabel(this);
};
