export class OldPrinter {
    private buffer = ""
    printChars(chars: string[], bold: boolean): void {
        this.buffer += bold ? chars.join("").toUpperCase() : chars.join("")
    }
    flush(): string {
        const text = this.buffer
        this.buffer = ""
        return text
    }
}
