/*
 * Ends a program where it is about to parse its command line by a function of the C library or of popt, and says what it declares to it: an
 * interface document, in JSON, on the descriptor that DABBAWALA_DECLARATIONS names. Made by any C compiler, with no header and no library, as
 *     cc -shared -fPIC -nostdlib -o declarations.so declarations.c
 * and loaded before the program by LD_PRELOAD. It acts only in the process of the program that DABBAWALA_PROGRAM names by its path, so that
 * what the program runs is left alone. Where DABBAWALA_BEHIND is set, a table with nothing but help and version is passed over: some programs
 * read these two first, and all others behind them.
 */

typedef unsigned long size;

extern long write(int descriptor, const void *text, size length);
extern long readlink(const char *path, char *target, size length);
extern char *getenv(const char *name);
extern void _exit(int status) __attribute__((noreturn));
/* Before glibc 2.34 it stands in a library that not every program has. */
extern void *dlsym(void *library, const char *name) __attribute__((weak));

struct option {
	const char *name;
	int argument;
	int *flag;
	int value;
};

struct argp_option {
	const char *name;
	int key;
	const char *argument;
	int flags;
	const char *help;
	int group;
};

struct argp_child;

struct argp {
	const struct argp_option *options;
	void *parser;
	const char *operands;
	const char *help;
	const struct argp_child *children;
	void *filter;
	const char *domain;
};

struct argp_child {
	const struct argp *argp;
	int flags;
	const char *header;
	int group;
};

struct popt_option {
	const char *name;
	char letter;
	unsigned int kind;
	void *target;
	int value;
	const char *help;
	const char *argument;
};

/* Set by programs that have a version; argp adds an option for it. */
extern const char *argp_program_version __attribute__((weak));
extern void (*argp_program_version_hook)(void *, void *) __attribute__((weak));

enum { NONE, REQUIRED, OPTIONAL };
enum { ARGP_OPTIONAL = 1, ARGP_HIDDEN = 2, ARGP_ALIAS = 4, ARGP_DOC = 8, ARGP_NO_HELP = 16, ARGP_LONG_ONLY = 64 };
enum { POPT_FLAG = 0, POPT_TABLE = 4, POPT_CALLBACK = 5, POPT_DOMAIN = 6, POPT_VALUE = 7, POPT_KINDS = 0xffff };
#define POPT_OPTIONAL 0x10000000u
#define POPT_HIDDEN 0x40000000u
#define POPT_ONE_HYPHEN 0x80000000u

/* More than any program has; what a broken table says beyond it is left out. */
enum { MOST_OPTIONS = 4096, MOST_DEPTH = 16, BUFFER = 8192 };

static int output = -1;
static char buffer[BUFFER];
static size filled;

static int is_same(const char *one, const char *other)
{
	while (*one && *one == *other) {
		one++;
		other++;
	}
	return *one == *other;
}

static void flush(void)
{
	size written = 0;
	while (written < filled) {
		long count = write(output, buffer + written, filled - written);
		if (count <= 0)
			_exit(0);
		written += (size)count;
	}
	filled = 0;
}

static void put_character(char character)
{
	if (filled == BUFFER)
		flush();
	buffer[filled++] = character;
}

static void put(const char *text)
{
	while (*text)
		put_character(*text++);
}

/* A part of a JSON string. */
static void put_escaped(const char *text)
{
	for (; *text; text++) {
		unsigned char byte = (unsigned char)*text;
		if (byte < 0x20 || byte == 0x7f) {
			put("\\u00");
			put_character("0123456789abcdef"[byte >> 4]);
			put_character("0123456789abcdef"[byte & 15]);
		} else {
			if (byte == '"' || byte == '\\')
				put_character('\\');
			put_character(*text);
		}
	}
}

static void put_string(const char *text)
{
	put_character('"');
	put_escaped(text);
	put_character('"');
}

/* A member of a mapping, unless it has no text. */
static void put_member(const char *key, const char *text)
{
	if (!text || !*text)
		return;
	put(",\"");
	put(key);
	put("\":");
	put_string(text);
}

/* Whether a table has other options than for help and version. */
static int is_whole(const char *letters, const struct option *table)
{
	while (*letters == '+' || *letters == '-' || *letters == ':')
		letters++;
	if (*letters)
		return 1;
	for (; table && table->name; table++)
		if (!is_same(table->name, "help") && !is_same(table->name, "version"))
			return 1;
	return 0;
}

/* Whether this process is the program that was asked, and where it is to answer. */
static int is_asked(void)
{
	const char *descriptor = getenv("DABBAWALA_DECLARATIONS");
	const char *program = getenv("DABBAWALA_PROGRAM");
	char own[4096];
	long length = readlink("/proc/self/exe", own, sizeof own - 1);
	if (!descriptor || !program || length <= 0)
		return 0;
	own[length] = 0;
	if (!is_same(own, program))
		return 0;
	for (output = 0; *descriptor >= '0' && *descriptor <= '9'; descriptor++)
		output = output * 10 + (*descriptor - '0');
	return 1;
}

static void begin(const char *path, const char *parser, int is_in_order)
{
	const char *name = path;
	for (; *path; path++)
		if (*path == '/')
			name = path + 1;
	put("{\"dabbawala\":1,\"program\":");
	put_string(name);
	put(",\"read-from\":\"objects\",\"parser\":");
	put_string(parser);
	if (is_in_order)
		put(",\"parsing\":{\"operand-order\":\"first-operand-ends-options\"}");
	put(",\"complete\":{\"options\":true},\"options\":[");
}

static void end(void) __attribute__((noreturn));
static void end(void)
{
	put("]}");
	flush();
	_exit(0);
}

/* An item of the list of options begins: a mapping whose first member holds the names, each with what it takes where that is not the same for all. */
static void begin_option(int *count)
{
	put(*count ? ",{\"names\":{" : "{\"names\":{");
	++*count;
}

static void put_name(int *names, const char *hyphens, const char *name, const char *taken)
{
	put(*names ? ",\"" : "\"");
	put(hyphens);
	put_escaped(name);
	put("\":{");
	put(taken);
	put_character('}');
	++*names;
}

static void put_letter(int *names, int letter, const char *taken)
{
	char text[] = { (char)letter, 0 };
	put_name(names, "-", text, taken);
}

/* What a name takes by itself, as the member of a mapping. */
static const char *taken_by(int argument)
{
	return argument == NONE       ? "\"argument\":\"none\""
	       : argument == OPTIONAL ? "\"argument\":{\"presence\":\"optional\"}"
				      : "\"argument\":{\"presence\":\"mandatory\"}";
}

/* The names end, and it follows how the option takes its argument, and what help calls that. */
static void put_argument(int argument, const char *placeholder)
{
	put("},\"argument\":");
	if (argument == NONE) {
		put("\"none\"");
		return;
	}
	put("{\"presence\":\"");
	put(argument == OPTIONAL ? "optional" : "mandatory");
	put_character('"');
	put_member("placeholder", placeholder);
	put_character('}');
}

/* How a letter takes its argument, by the notation of getopt; -1 where it is none of the letters. */
static int letter_argument(const char *letters, int letter)
{
	for (; *letters; letters++) {
		if (*letters != letter || letter == ':' || letter == ';')
			continue;
		if (letters[1] == ':')
			return letters[2] == ':' ? OPTIONAL : REQUIRED;
		return NONE;
	}
	return -1;
}

static int is_one_option(const struct option *one, const struct option *other)
{
	/* Programs that go by the place in the table leave all values alike. */
	return one->flag == other->flag && one->value == other->value && (one->flag || one->value);
}

/* The option of a letter and of all long names with its value. */
static void put_spellings(const struct option *first, int letter, int taken, int *count)
{
	int names = 0, argument = first ? first->argument : taken;
	const struct option *one;
	begin_option(count);
	if (letter)
		put_letter(&names, letter, taken == argument ? "" : taken_by(taken));
	for (one = first; one && one->name; one++)
		if (*one->name && (one == first || is_one_option(one, first)))
			put_name(&names, "--", one->name, one->argument == argument ? "" : taken_by(one->argument));
	put_argument(argument, 0);
	put_character('}');
}

static void declare_getopt(char *const *words, const char *letters, const struct option *table, const char *parser)
{
	int count = 0, i;
	const char *letter;
	if (getenv("DABBAWALA_BEHIND") && !is_whole(letters, table))
		return;
	begin(words[0], parser, *letters == '+');
	while (*letters == '+' || *letters == '-' || *letters == ':')
		letters++;
	for (letter = letters; *letter && count < MOST_OPTIONS; letter++) {
		const struct option *first = table;
		if (*letter == ':' || *letter == ';')
			continue;
		while (first && first->name && (first->flag || first->value != *letter))
			first++;
		put_spellings(first && first->name ? first : 0, *letter, letter_argument(letters, *letter), &count);
	}
	for (i = 0; table && table[i].name && count < MOST_OPTIONS; i++) {
		int before, is_put = !table[i].flag && table[i].value > 0 && table[i].value < 128 &&
			letter_argument(letters, table[i].value) >= 0;
		for (before = 0; before < i && !is_put; before++)
			is_put = is_one_option(&table[before], &table[i]);
		/* A name may be empty where only the letter is meant. */
		if (!is_put && *table[i].name)
			put_spellings(&table[i], 0, 0, &count);
	}
	end();
}

static int is_letter(int key)
{
	return key > ' ' && key < 127;
}

static void put_argp_option(const struct argp_option *option, int *count)
{
	const struct argp_option *one = option;
	int names = 0, is_hidden = option->flags & ARGP_HIDDEN;
	const char *first = option->argument;
	begin_option(count);
	do {
		if (is_letter(one->key))
			put_letter(&names, one->key, "");
		one++;
	} while ((one->flags & ARGP_ALIAS) && (one->name || one->key));
	one = option;
	do {
		if (one->name)
			put_name(&names, "--", one->name, "");
		one++;
	} while ((one->flags & ARGP_ALIAS) && (one->name || one->key));
	put_argument(!first ? NONE : option->flags & ARGP_OPTIONAL ? OPTIONAL : REQUIRED, first);
	put_member("help", option->help);
	if (is_hidden)
		put(",\"hidden\":true");
	put_character('}');
}

static void put_argp(const struct argp *argp, int depth, int *count)
{
	const struct argp_option *option = argp->options;
	const struct argp_child *child = argp->children;
	/* The list ends with an entry of which nothing is set. */
	for (; option && (option->name || option->key || option->help || option->group); option++) {
		int is_option = option->name || is_letter(option->key);
		if (is_option && !(option->flags & (ARGP_ALIAS | ARGP_DOC)) && *count < MOST_OPTIONS)
			put_argp_option(option, count);
	}
	for (; child && child->argp && depth < MOST_DEPTH; child++)
		put_argp(child->argp, depth + 1, count);
}

/* What argp adds by itself, two of them hidden. */
static const struct argp_option argp_own[] = {
	{ "help", '?', 0, 0, "Give this help list", 0 },
	{ "usage", 0x100, 0, 0, "Give a short usage message", 0 },
	{ "program-name", 0x101, "NAME", ARGP_HIDDEN, "Set the program name", 0 },
	{ "HANG", 0x102, "SECS", ARGP_HIDDEN | ARGP_OPTIONAL, "Hang for SECS seconds (default 3600)", 0 },
	{ 0, 0, 0, 0, 0, 0 },
};
static const struct argp_option argp_version[] = {
	{ "version", 'V', 0, 0, "Print program version", 0 },
	{ 0, 0, 0, 0, 0, 0 },
};

static void declare_argp(char *const *words, const struct argp *argp, unsigned int flags)
{
	int count = 0;
	const struct argp own = { argp_own, 0, 0, 0, 0, 0, 0 }, version = { argp_version, 0, 0, 0, 0, 0, 0 };
	begin(words[0], "argp", 0);
	put_argp(argp, 0, &count);
	if (!(flags & ARGP_NO_HELP)) {
		put_argp(&own, 0, &count);
		if ((&argp_program_version && argp_program_version) ||
		    (&argp_program_version_hook && argp_program_version_hook))
			put_argp(&version, 0, &count);
	}
	end();
}

static void put_popt(const struct popt_option *option, int depth, int *count)
{
	for (; option->name || option->letter || option->target; option++) {
		unsigned int kind = option->kind & POPT_KINDS;
		int names = 0;
		if (kind == POPT_TABLE && option->target && depth < MOST_DEPTH)
			put_popt(option->target, depth + 1, count);
		if (kind == POPT_TABLE || kind == POPT_CALLBACK || kind == POPT_DOMAIN || *count >= MOST_OPTIONS)
			continue;
		begin_option(count);
		if (option->letter)
			put_letter(&names, option->letter, "");
		if (option->name)
			put_name(&names, option->kind & POPT_ONE_HYPHEN ? "-" : "--", option->name, "");
		put_argument(kind == POPT_FLAG || kind == POPT_VALUE ? NONE
			     : option->kind & POPT_OPTIONAL          ? OPTIONAL
								     : REQUIRED,
			     option->argument);
		put_member("help", option->help);
		if (option->kind & POPT_HIDDEN)
			put(",\"hidden\":true");
		put_character('}');
	}
}

/* The function that the program would have called. */
static void *next(const char *name)
{
	void *found = dlsym ? dlsym((void *)-1L, name) : 0;
	if (!found)
		_exit(127);
	return found;
}

int getopt(int count, char *const *words, const char *letters)
{
	if (is_asked())
		declare_getopt(words, letters, 0, "getopt");
	return ((int (*)(int, char *const *, const char *))next("getopt"))(count, words, letters);
}

int getopt_long(int count, char *const *words, const char *letters, const struct option *table, int *index)
{
	if (is_asked())
		declare_getopt(words, letters, table, "getopt-long");
	return ((int (*)(int, char *const *, const char *, const struct option *, int *))next("getopt_long"))(
		count, words, letters, table, index);
}

int getopt_long_only(int count, char *const *words, const char *letters, const struct option *table, int *index)
{
	if (is_asked())
		declare_getopt(words, letters, table, "getopt-long-only");
	return ((int (*)(int, char *const *, const char *, const struct option *, int *))next("getopt_long_only"))(
		count, words, letters, table, index);
}

int argp_parse(const struct argp *argp, int count, char **words, unsigned int flags, int *index, void *input)
{
	if (is_asked() && argp)
		declare_argp(words, argp, flags);
	return ((int (*)(const struct argp *, int, char **, unsigned int, int *, void *))next("argp_parse"))(
		argp, count, words, flags, index, input);
}

void *poptGetContext(const char *name, int count, const char **words, const struct popt_option *options, unsigned int flags)
{
	int options_count = 0;
	if (is_asked() && options) {
		begin(count > 0 ? words[0] : name, "popt", 0);
		put_popt(options, 0, &options_count);
		end();
	}
	return ((void *(*)(const char *, int, const char **, const struct popt_option *, unsigned int))next("poptGetContext"))(
		name, count, words, options, flags);
}
