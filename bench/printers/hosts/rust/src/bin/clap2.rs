use clap_2::{App, Arg, SubCommand};
use hosts::{interfaces, paths, show, DeclaredCommand, Interface};

fn filled(mut command: App<'static, 'static>, one: &Interface, declared: &DeclaredCommand) -> App<'static, 'static> {
    command = command.set_term_width(one.width);
    for alias in &declared.aliases {
        command = command.visible_alias(*alias);
    }
    for option in &declared.options {
        let mut arg = Arg::with_name(option.parser_id()).hidden(option.is("hidden")).required(option.is("required"));
        let letter: &'static str = option.short.map_or("", |letter| Box::leak(letter.to_string().into_boxed_str()));
        if !letter.is_empty() {
            arg = arg.short(letter);
        }
        if !option.long.is_empty() {
            arg = arg.long(option.long);
        }
        if !option.help.is_empty() {
            arg = arg.help(option.help);
        }
        // A variable gives an option a value here.
        if !option.environment.is_empty() && option.presence != "none" {
            arg = arg.env(option.environment);
        }
        if option.presence != "none" {
            arg = arg.takes_value(true).multiple(option.is("repeated"));
            if !option.placeholder.is_empty() {
                arg = arg.value_name(option.placeholder);
            }
            if !option.default.is_empty() {
                arg = arg.default_value(option.default);
            }
            if !option.values.is_empty() {
                let values: Vec<&'static str> = option.values.iter().map(|one| one.value).collect();
                arg = arg.possible_values(Box::leak(values.into_boxed_slice()));
            }
        }
        command = command.arg(arg);
    }
    for (i, operand) in declared.operands.iter().enumerate() {
        let mut arg = Arg::with_name(operand.placeholder).index(i as u64 + 1).required(operand.least > 0);
        if !operand.help.is_empty() {
            arg = arg.help(operand.help);
        }
        arg = arg.multiple(operand.most < 0);
        if !operand.values.is_empty() {
            arg = arg.possible_values(Box::leak(operand.values.clone().into_boxed_slice()));
        }
        command = command.arg(arg);
    }
    for below in &declared.commands {
        let child = SubCommand::with_name(below.name).about(below.summary);
        command = command.subcommand(filled(child, one, below));
    }
    command
}

fn main() {
    for one in interfaces() {
        for path in paths(&one.root) {
            let mut root = filled(App::new(one.program), &one, &one.root).version(one.version).about(one.summary);
            if !one.epilogue.is_empty() {
                root = root.after_help(one.epilogue);
            }
            let words: Vec<&str> = std::iter::once(one.program).chain(path.iter().copied()).chain(["--help"]).collect();
            let message = root.get_matches_from_safe(words).map_or_else(|told| told.message, |_| String::new());
            show(&one, &path, &format!("{message}\n"));
        }
    }
}
