export const CHROMIUM: string;
export const CHROMIUM_ARGS: string[];
export const quietEnv: NodeJS.ProcessEnv;
export function run(command: string, args: string[], env?: NodeJS.ProcessEnv): void;
export function tool(name: string): string;
export function installDependencies(): void;
export function build(): void;
export function installChromium(): void;
