/* Reads its options by getopt_long: one without a text in its help, one with two spellings, one whose letter takes nothing. */
#include <getopt.h>
#include <stdio.h>

enum { MOON = 256, KEEL, BALLAST };

static const struct option table[] = {
	{ "quiet", no_argument, 0, 'q' },
	{ "port", required_argument, 0, 'p' },
	{ "harbour", required_argument, 0, 'p' },
	{ "backup", optional_argument, 0, 'b' },
	{ "moon", no_argument, 0, MOON },
	{ "-keel", no_argument, 0, KEEL },
	{ "help", no_argument, 0, 'h' },
	{ 0, 0, 0, 0 },
};

int main(int count, char **words)
{
	int option;
	FILE *left;
	while ((option = getopt_long(count, words, "+qp:bx,h", table, 0)) != -1) {
		if (option == '?')
			return 2;
		if (option == 'h') {
			puts("Usage: tide [OPTION]...\n\n  -q, --quiet           say less\n  -p, --port=PORT       tides of PORT\n"
			     "  -b                    keep the old table\n      --backup[=HOW]    keep it as HOW says\n  -x                    be exact\n"
			     "  -h, --help            print this help");
			return 0;
		}
	}
	left = fopen("worked", "w");
	return left ? fclose(left) : 1;
}
