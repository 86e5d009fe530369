// POSIX's getopt: the first operand ends the options.
#include "probe.hpp"
#include <unistd.h>

int main(int argc, char **argv) {
  int found;
  while ((found = getopt(argc, argv, "+abno:c::")) != -1) {
    switch (found) {
      case 'a': option("all"); break;
      case 'b': option("brief"); break;
      case 'n': option("dry-run"); break;
      case 'o': option("output", optarg); break;
      case 'c': option("color", optarg); break;
      default: return 1;
    }
  }
  for (int i = optind; i < argc; i++) operand(argv[i]);
  read_all();
}
