/* Lights the lanterns of a quay. Part of the demo: what it declares to getopt_long is more than its help shows. */
#include <getopt.h>
#include <stdio.h>

enum { HELP = 256, COLOUR, DRILL };

static const struct option table[] = {
	{ "quay", required_argument, 0, 'q' },
	{ "colour", required_argument, 0, COLOUR },
	{ "color", required_argument, 0, COLOUR },
	{ "dim", optional_argument, 0, 'd' },
	{ "drill", no_argument, 0, DRILL },
	{ "help", no_argument, 0, HELP },
	{ 0, 0, 0, 0 },
};

int main(int count, char **words)
{
	int option;
	while ((option = getopt_long(count, words, "q:d::", table, 0)) != -1) {
		if (option == '?')
			return 2;
		if (option == HELP) {
			puts("Usage: lantern [OPTION]...\nLight the lanterns of a quay.\n\n  -q, --quay=QUAY       those of QUAY only\n"
			     "      --colour=COLOUR   light of COLOUR\n  -d, --dim[=PERCENT]   less light\n      --help            print this help");
			return 0;
		}
	}
	puts("lit");
	return 0;
}
