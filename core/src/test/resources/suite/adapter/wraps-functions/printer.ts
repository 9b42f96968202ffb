import { OldPrinter } from "./old"

export interface Printer {
    print(text: string): void
    end(): string
}

export class ListPrinter implements Printer {
    private lines: string[] = []
    print(text: string): void {
        this.lines.push(text)
    }
    end(): string {
        return this.lines.join("\n")
    }
}

export const fromOld = (old: OldPrinter): Printer => ({
    print: text => old.printChars(text.split(""), false),
    end: () => old.flush(),
})

export function report(printer: Printer): string {
    printer.print("tide")
    return printer.end()
}

report(fromOld(new OldPrinter()))
report(new ListPrinter())
