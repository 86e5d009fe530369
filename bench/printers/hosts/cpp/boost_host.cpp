#include <boost/program_options.hpp>
#include <map>

#include "declared.hpp"

namespace options = boost::program_options;

static const options::value_semantic *valueOf(const DeclaredOption &option) {
  if (option.is("repeated")) {
    auto *many = options::value<std::vector<std::string>>()->multitoken();
    return option.placeholder.empty() ? many : many->value_name(option.placeholder);
  }
  auto *one = options::value<std::string>();
  if (!option.placeholder.empty()) one = one->value_name(option.placeholder);
  if (!option.fallback.empty()) one = one->default_value(option.fallback);
  if (option.presence == "optional") one = one->implicit_value("often");
  if (option.is("required")) one = one->required();
  return one;
}

int main() {
  eachInterface([](DeclaredInterface &one) {
    const unsigned width = one.width;
    options::options_description all(one.version.size() % 2 == 0 ? "Options" : "Allowed options", width);
    std::map<std::string, options::options_description> titled;
    all.add_options()("help,h", "print this help");
    for (const DeclaredOption &option : one.options) {
      const std::string names = option.longName + (option.shortName.empty() ? "" : "," + option.shortName);
      options::options_description *place = &all;
      if (!option.heading.empty())
        place = &titled.try_emplace(option.heading, option.heading, width).first->second;
      if (option.presence == "none") place->add_options()(names.c_str(), option.help.c_str());
      else place->add_options()(names.c_str(), valueOf(option), option.help.c_str());
    }
    for (auto &[heading, group] : titled) all.add(group);
    std::ostringstream text;
    text << "Usage: " << one.program << " [options] " << synopsisOf(one.operands) << "\n\n" << one.summary << "\n\n" << all << "\n";
    show(one, text.str());
  });
}
