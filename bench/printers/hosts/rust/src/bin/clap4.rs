use clap_4::builder::PossibleValue;
use clap_4::{Arg, ArgAction, Command};
use hosts::{interfaces, paths, show, DeclaredCommand, Interface};

fn filled(one: &Interface, declared: &DeclaredCommand) -> Command {
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
        if option.presence == "none" {
            command = command.arg(arg.action(ArgAction::SetTrue));
            continue;
        }
        if !option.placeholder.is_empty() {
            arg = arg.value_name(option.placeholder);
        }
        arg = match (option.is("repeated"), option.presence) {
            (true, _) => arg.num_args(1..).action(ArgAction::Append),
            (false, "optional") => arg.num_args(0..=1).action(ArgAction::Set),
            _ => arg.action(ArgAction::Set),
        };
        if !option.default.is_empty() {
            arg = arg.default_value(option.default);
        }
        if !option.values.is_empty() {
            let values: Vec<PossibleValue> = option
                .values
                .iter()
                .map(|one| match one.help {
                    "" => PossibleValue::new(one.value),
                    help => PossibleValue::new(one.value).help(help),
                })
                .collect();
            arg = arg.value_parser(values);
        }
        command = command.arg(arg);
    }
    for operand in &declared.operands {
        let mut arg = Arg::new(operand.id()).value_name(operand.placeholder).required(operand.least > 0);
        if !operand.help.is_empty() {
            arg = arg.help(operand.help);
        }
        if operand.most < 0 {
            arg = arg.num_args(if operand.least > 0 { 1.. } else { 0.. });
        }
        if !operand.values.is_empty() {
            arg = arg.value_parser(operand.values.iter().map(|one| PossibleValue::new(*one)).collect::<Vec<_>>());
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
            root.build();
            let mut at = &mut root;
            for name in &path {
                at = at.find_subcommand_mut(name).unwrap();
            }
            // Half of the programs are asked with --help, half with -h.
            let text = if (one.program.len() + one.version.len()) % 2 == 0 {
                at.render_help().to_string()
            } else {
                at.render_long_help().to_string()
            };
            show(&one, &path, &text);
        }
    }
}
