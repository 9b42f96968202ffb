#include "build.h"

std::vector<std::string> Scanner::files(const std::string& root) const { return {root + "/a.cpp", root + "/b.cpp"}; }
std::string Compiler::object(const std::string& file) { ++warnings_; return file + ".o"; }
bool Linker::link(const std::vector<std::string>& objects, const std::string& out) { return !objects.empty() && !out.empty(); }

bool Build::run(const std::string& root, const std::string& out) {
    std::vector<std::string> objects;
    for (const auto& file : scanner_.files(root)) objects.push_back(compiler_.object(file));
    return linker_.link(objects, out);
}
