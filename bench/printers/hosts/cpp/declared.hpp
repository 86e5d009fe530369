// Reads declarations of interfaces, and prints helps between marks. See ../README.md.
#pragma once

#include <functional>
#include <iostream>
#include <memory>
#include <set>
#include <sstream>
#include <string>
#include <vector>

struct DeclaredOption {
  std::string shortName, longName, presence, placeholder, type, fallback, environment, heading, help;
  std::vector<std::string> aliases, values;
  std::set<std::string> flags;

  bool is(const std::string &flag) const { return flags.count(flag) > 0; }
};

struct DeclaredOperand {
  std::string placeholder, help;
  int least, most;
};

struct DeclaredInterface {
  std::string id, program, version, summary, epilogue;
  int width;
  // Of the program itself: no library of this folder knows commands.
  std::vector<DeclaredOption> options;
  std::vector<DeclaredOperand> operands;
};

inline std::vector<std::string> split(const std::string &text, char separator) {
  std::vector<std::string> found(1);
  for (char one : text) {
    if (one == separator) found.emplace_back();
    else found.back() += one;
  }
  return found;
}

inline std::vector<std::string> listed(const std::string &field) {
  return field.empty() ? std::vector<std::string>() : split(field, ',');
}

// Calls back for every interface of standard input.
inline void eachInterface(const std::function<void(DeclaredInterface &)> &use) {
  DeclaredInterface one;
  std::string line;
  while (std::getline(std::cin, line)) {
    std::vector<std::string> f = split(line, '\t');
    const std::string kind = f[0];
    f.erase(f.begin());
    if (kind == "I") {
      one = DeclaredInterface{f[0], f[2], f[3], f[4], f[5], std::stoi(f[1]), {}, {}};
    } else if (kind == "O") {
      const std::vector<std::string> flags = listed(f[11]);
      one.options.push_back(DeclaredOption{f[0], f[1], f[3], f[4], f[5], f[7], f[10], f[12], f[13], listed(f[2]), listed(f[6]),
                                           std::set<std::string>(flags.begin(), flags.end())});
    } else if (kind == "A") {
      one.operands.push_back(DeclaredOperand{f[0], f[4], std::stoi(f[1]), std::stoi(f[2])});
    } else if (kind == "E") {
      use(one);
    }
  }
}

// Writes operands as the authors of usage lines do.
inline std::string synopsisOf(const std::vector<DeclaredOperand> &operands) {
  std::string text;
  for (const DeclaredOperand &one : operands) {
    const std::string word = one.placeholder + (one.most < 0 ? "..." : "");
    text += (text.empty() ? "" : " ") + (one.least > 0 ? word : "[" + word + "]");
  }
  return text;
}

// Prints one help.
inline void show(const DeclaredInterface &one, const std::string &text) {
  std::cout << '\x01' << one.id << "\t\n" << text << "\x02\n" << std::flush;
}
