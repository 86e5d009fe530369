//! Reads declarations of interfaces, and prints helps between marks. See ../README.md.

use std::io::BufRead;

/// A text that lives as long as the program: the libraries want texts of the source code.
pub type Text = &'static str;

#[derive(Clone)]
pub struct Choice {
    pub value: Text,
    pub help: Text,
}

#[derive(Clone)]
pub struct DeclaredOption {
    pub short: Option<char>,
    pub long: Text,
    pub aliases: Vec<Text>,
    pub presence: Text,
    pub placeholder: Text,
    pub kind: Text,
    pub values: Vec<Choice>,
    pub default: Text,
    pub environment: Text,
    pub flags: Text,
    pub heading: Text,
    pub help: Text,
}

impl DeclaredOption {
    pub fn is(&self, flag: &str) -> bool {
        self.flags.split(',').any(|one| one == flag)
    }

    /// What a parser knows the option by.
    pub fn id(&self) -> Text {
        if self.long.is_empty() {
            leaked(&self.short.unwrap_or('x').to_string())
        } else {
            self.long
        }
    }

    /// What a parser knows the option by where an operand of the same name is known by its placeholder.
    pub fn parser_id(&self) -> Text {
        leaked(&format!("option {}", self.id()))
    }
}

#[derive(Clone)]
pub struct DeclaredOperand {
    pub placeholder: Text,
    pub least: i32,
    pub most: i32,
    pub values: Vec<Text>,
    pub help: Text,
}

impl DeclaredOperand {
    /// What a parser knows the operand by: an option may have the same name.
    pub fn id(&self) -> Text {
        leaked(&format!("operand {}", self.placeholder))
    }
}

#[derive(Clone)]
pub struct DeclaredCommand {
    pub name: Text,
    pub aliases: Vec<Text>,
    pub hidden: bool,
    pub heading: Text,
    pub summary: Text,
    pub options: Vec<DeclaredOption>,
    pub operands: Vec<DeclaredOperand>,
    pub commands: Vec<DeclaredCommand>,
}

pub struct Interface {
    pub id: Text,
    pub width: usize,
    pub program: Text,
    pub version: Text,
    pub summary: Text,
    pub epilogue: Text,
    pub root: DeclaredCommand,
}

fn leaked(text: &str) -> Text {
    Box::leak(text.to_string().into_boxed_str())
}

fn list(field: Text) -> Vec<Text> {
    field.split(',').filter(|one| !one.is_empty()).collect()
}

/// Every interface of standard input.
pub fn interfaces() -> Vec<Interface> {
    let mut found = Vec::new();
    let mut head: Vec<Text> = Vec::new();
    let mut line: Vec<DeclaredCommand> = Vec::new();
    for text in std::io::stdin().lock().lines() {
        let text = leaked(&text.unwrap());
        let mut fields: Vec<Text> = text.split('\t').collect();
        let kind = fields.remove(0);
        match kind {
            "I" => head = fields,
            "C" => {
                fold(&mut line, fields[0].parse().unwrap());
                line.push(DeclaredCommand {
                    name: fields[1],
                    aliases: list(fields[2]),
                    hidden: fields[3] == "hidden",
                    heading: fields[4],
                    summary: fields[5],
                    options: vec![],
                    operands: vec![],
                    commands: vec![],
                });
            }
            "O" => line.last_mut().unwrap().options.push(DeclaredOption {
                short: fields[0].chars().next(),
                long: fields[1],
                aliases: list(fields[2]),
                presence: fields[3],
                placeholder: fields[4],
                kind: fields[5],
                values: list(fields[6]).into_iter().map(|value| Choice { value, help: "" }).collect(),
                default: fields[7],
                environment: fields[10],
                flags: fields[11],
                heading: fields[12],
                help: fields[13],
            }),
            "V" => {
                let values = &mut line.last_mut().unwrap().options.last_mut().unwrap().values;
                values.iter_mut().find(|one| one.value == fields[0]).unwrap().help = fields[1];
            }
            "A" => line.last_mut().unwrap().operands.push(DeclaredOperand {
                placeholder: fields[0],
                least: fields[1].parse().unwrap(),
                most: fields[2].parse().unwrap(),
                values: list(fields[3]),
                help: fields[4],
            }),
            _ => {
                fold(&mut line, 1);
                found.push(Interface {
                    id: head[0],
                    width: head[1].parse().unwrap(),
                    program: head[2],
                    version: head[3],
                    summary: head[4],
                    epilogue: head[5],
                    root: line.pop().unwrap(),
                });
            }
        }
    }
    found
}

/// Puts the commands deeper than a depth into those that they belong to.
fn fold(line: &mut Vec<DeclaredCommand>, depth: usize) {
    while line.len() > depth {
        let last = line.pop().unwrap();
        match line.last_mut() {
            Some(above) => above.commands.push(last),
            None => unreachable!("a command without the one above it"),
        }
    }
}

/// The paths of a command and of those below it.
pub fn paths(command: &DeclaredCommand) -> Vec<Vec<Text>> {
    let mut found = vec![vec![]];
    for below in &command.commands {
        for mut path in paths(below) {
            path.insert(0, below.name);
            found.push(path);
        }
    }
    found
}

/// Prints one help.
pub fn show(one: &Interface, path: &[Text], text: &str) {
    println!("\u{1}{}\t{}\n{}\u{2}", one.id, path.join(" "), text);
}
