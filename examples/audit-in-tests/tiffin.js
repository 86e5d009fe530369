#!/usr/bin/env node
import { program } from './tiffin-program.js';

program.parse();
