// boost's program options.
#include "probe.hpp"
#include <boost/program_options.hpp>
#include <iostream>
#include <string>
#include <vector>

namespace po = boost::program_options;

int main(int argc, char **argv) {
  po::options_description shown("Options"), every;
  shown.add_options()("help,h", "help")("all,a", "all")("brief,b", "brief")("output,o", po::value<std::string>(), "output")(
      "outline", "outline")("color,c", po::value<std::string>()->implicit_value(""), "color")("dry-run,n", "dry");
  every.add(shown).add_options()("file", po::value<std::vector<std::string>>(), "file");
  po::positional_options_description operands;
  operands.add("file", -1);
  po::variables_map found;
  try {
    po::store(po::command_line_parser(argc, argv).options(every).positional(operands).run(), found);
    po::notify(found);
  } catch (const po::error &error) {
    std::cerr << "error: " << error.what() << "\n";
    return 1;
  }
  if (found.count("help")) {
    std::cout << shown;
    return 0;
  }
  for (const char *name : {"all", "brief", "outline", "dry-run"})
    if (found.count(name)) option(name);
  for (const char *name : {"output", "color"})
    if (found.count(name)) option(name, found[name].as<std::string>().c_str());
  if (found.count("file"))
    for (const auto &text : found["file"].as<std::vector<std::string>>()) operand(text.c_str());
  read_all();
}
