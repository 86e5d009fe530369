use clap_3::{Arg, Command, PossibleValue};
use hosts::{interfaces, paths, show, DeclaredCommand, Interface};

fn filled(one: &Interface, declared: &DeclaredCommand) -> Command<'static> {
    let mut command = Command::new(declared.name).term_width(one.width).hide(declared.hidden);
    if !declared.summary.is_empty() {
        command = command.about(declared.summary);
    }
    for alias in &declared.aliases {
        command = command.visible_alias(*alias);
    }
    for option in &declared.options {
        let mut arg = Arg::new(option.id()).hide(option.is("hidden")).required(option.is("required"));
        if let Some(letter) = option.short {
            arg = arg.short(letter);
        }
        if !option.long.is_empty() {
            arg = arg.long(option.long);
        }
        for alias in &option.aliases {
            arg = arg.visible_alias(*alias);
        }
        if !option.help.is_empty() {
            arg = arg.help(option.help);
        }
        if !option.heading.is_empty() {
            arg = arg.help_heading(option.heading);
        }
        if !option.environment.is_empty() {
            arg = arg.env(option.environment);
        }
        if option.presence != "none" {
            arg = arg.takes_value(true);
            if !option.placeholder.is_empty() {
                arg = arg.value_name(option.placeholder);
            }
            if option.is("repeated") {
                arg = arg.multiple_values(true).multiple_occurrences(true);
            } else if option.presence == "optional" {
                arg = arg.min_values(0).max_values(1);
            }
            if !option.default.is_empty() {
                arg = arg.default_value(option.default);
            }
            if !option.values.is_empty() {
                arg = arg.possible_values(option.values.iter().map(|one| match one.help {
                    "" => PossibleValue::new(one.value),
                    help => PossibleValue::new(one.value).help(help),
                }));
            }
        }
        command = command.arg(arg);
    }
    for (i, operand) in declared.operands.iter().enumerate() {
        let mut arg = Arg::new(operand.id()).value_name(operand.placeholder).index(i + 1).required(operand.least > 0);
        if !operand.help.is_empty() {
            arg = arg.help(operand.help);
        }
        if operand.most < 0 {
            arg = arg.multiple_values(true);
        }
        if !operand.values.is_empty() {
            arg = arg.possible_values(operand.values.clone());
        }
        command = command.arg(arg);
    }
    for below in &declared.commands {
        command = command.subcommand(filled(one, below));
    }
    command
}

fn main() {
    for one in interfaces() {
        for path in paths(&one.root) {
            let mut root = filled(&one, &one.root).version(one.version).about(one.summary);
            if !one.epilogue.is_empty() {
                root = root.after_help(one.epilogue);
            }
            root._build_all();
            let mut at = &mut root;
            for name in &path {
                at = at.find_subcommand_mut(*name).unwrap();
            }
            let mut text = Vec::new();
            if (one.program.len() + one.version.len()) % 2 == 0 {
                at.write_help(&mut text).unwrap();
            } else {
                at.write_long_help(&mut text).unwrap();
            }
            show(&one, &path, &String::from_utf8(text).unwrap());
        }
    }
}
