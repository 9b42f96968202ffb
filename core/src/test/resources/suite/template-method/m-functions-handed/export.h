#pragma once
#include <ostream>
#include <string>
#include <vector>

class Exporter {
public:
    virtual ~Exporter() = default;

    void write(std::ostream& out, const std::vector<std::string>& rows) {
        out << opening();
        for (const auto& row : rows) {
            out << line(row);
        }
        out << closing();
    }

private:
    virtual std::string opening() const { return ""; }
    virtual std::string line(const std::string& row) const = 0;
    virtual std::string closing() const { return ""; }
};

class HtmlExporter : public Exporter {
private:
    std::string opening() const override { return "<ul>"; }
    std::string line(const std::string& row) const override { return "<li>" + row + "</li>"; }
    std::string closing() const override { return "</ul>"; }
};

class TextExporter : public Exporter {
private:
    std::string line(const std::string& row) const override { return row + "\n"; }
};
