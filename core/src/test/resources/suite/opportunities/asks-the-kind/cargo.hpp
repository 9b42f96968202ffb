#pragma once
#include <string>
struct Cargo { virtual ~Cargo() = default; virtual int tonnes() const = 0; };
struct Ore : Cargo { int tonnes() const override { return 60; } int dust = 3; };
struct Grain : Cargo { int tonnes() const override { return 30; } bool dry = true; };
struct Oil : Cargo { int tonnes() const override { return 80; } double flash = 61.5; };
