#include <cxxopts.hpp>

#include "declared.hpp"

int main() {
  eachInterface([](DeclaredInterface &one) {
    cxxopts::Options options(one.program, one.summary);
    options.set_width(one.width);
    if (!one.operands.empty()) options.positional_help(synopsisOf(one.operands));
    options.add_options()("h,help", "Print usage");
    for (const DeclaredOption &option : one.options) {
      const std::string names = option.shortName.empty() ? option.longName : option.shortName + "," + option.longName;
      if (option.presence == "none") {
        options.add_options(option.heading)(names, option.help);
        continue;
      }
      auto value = option.is("repeated") ? cxxopts::value<std::vector<std::string>>() : cxxopts::value<std::string>();
      if (!option.fallback.empty()) value->default_value(option.fallback);
      if (option.presence == "optional") value->implicit_value("often");
      options.add_options(option.heading)(names, option.help, value, option.placeholder);
    }
    show(one, options.help() + "\n");
  });
}
