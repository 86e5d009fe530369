// getopt_long; getopt_long_only where VARIANT says so.
#include "probe.hpp"
#include <getopt.h>

static const struct option OPTIONS[] = {
    {"all", no_argument, nullptr, 'a'},       {"brief", no_argument, nullptr, 'b'},
    {"output", required_argument, nullptr, 'o'}, {"outline", no_argument, nullptr, 1},
    {"quiet", no_argument, nullptr, 2},       {"quieter", no_argument, nullptr, 2},
    {"color", optional_argument, nullptr, 'c'}, {"dry-run", no_argument, nullptr, 'n'},
    {nullptr, 0, nullptr, 0}};

int main(int argc, char **argv) {
  const bool only = std::getenv("VARIANT") != nullptr;
  int found;
  while ((found = only ? getopt_long_only(argc, argv, "abno:c::", OPTIONS, nullptr)
                       : getopt_long(argc, argv, "abno:c::", OPTIONS, nullptr)) != -1) {
    switch (found) {
      case 'a': option("all"); break;
      case 'b': option("brief"); break;
      case 'n': option("dry-run"); break;
      case 'o': option("output", optarg); break;
      case 'c': option("color", optarg); break;
      case 1: option("outline"); break;
      case 2: option("quiet"); break;
      default: return 1;
    }
  }
  for (int i = optind; i < argc; i++) operand(argv[i]);
  read_all();
}
