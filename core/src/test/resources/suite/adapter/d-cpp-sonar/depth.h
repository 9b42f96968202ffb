#pragma once
class DepthSource {
 public:
  virtual ~DepthSource() = default;
  virtual double metres() = 0;
  virtual bool ready() const = 0;
  virtual void reset() = 0;
};
