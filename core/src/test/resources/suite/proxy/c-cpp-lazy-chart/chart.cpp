#include "chart.h"

#include <fstream>

PaperChart::PaperChart(std::string file) : file_(std::move(file)) {
  std::ifstream in(file_);
  int rows = 0;
  in >> rows;
  depths_.resize(static_cast<size_t>(rows));
}

int PaperChart::depthAt(int x, int y) { return depths_.at(y).at(x); }
