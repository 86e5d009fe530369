// What every host in C and C++ shares: how it prints what a parser read.
#pragma once
#include <cstdio>
#include <cstdlib>
#include <cstring>

inline bool asks(const char *shape) {
  const char *probe = std::getenv("PROBE");
  return probe != nullptr && std::strcmp(probe, shape) == 0;
}

inline void option(const char *name) { std::printf("option %s\n", name); }

inline void option(const char *name, const char *value) {
  if (value == nullptr) option(name);
  else std::printf("option %s %s\n", name, value);
}

inline void operand(const char *text) { std::printf("operand %s\n", text); }

inline void read_all() { std::printf("read\n"); }
