// cxxopts.
#include "probe.hpp"
#include <cxxopts.hpp>
#include <iostream>
#include <string>
#include <vector>

int main(int argc, char **argv) {
  cxxopts::Options options("probe", "");
  options.add_options()("h,help", "help")("a,all", "all")("b,brief", "brief")("o,output", "output", cxxopts::value<std::string>())(
      "outline", "outline")("c,color", "color", cxxopts::value<std::string>()->implicit_value(""))("n,dry-run", "dry")(
      "file", "file", cxxopts::value<std::vector<std::string>>());
  options.parse_positional({"file"});
  try {
    const auto found = options.parse(argc, argv);
    if (found.count("help")) {
      std::cout << options.help() << "\n";
      return 0;
    }
    for (const char *name : {"all", "brief", "outline", "dry-run"})
      if (found.count(name) && found[name].as<bool>()) option(name);
    for (const char *name : {"output", "color"})
      if (found.count(name)) option(name, found[name].as<std::string>().c_str());
    if (found.count("file"))
      for (const auto &text : found["file"].as<std::vector<std::string>>()) operand(text.c_str());
  } catch (const std::exception &error) {
    std::cerr << "error: " << error.what() << "\n";
    return 1;
  }
  read_all();
}
