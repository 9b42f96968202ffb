export interface Form {
    text(): string
}

class ShortForm implements Form {
    text() { return "short" }
}

class LongForm implements Form {
    text() { return "long and thorough" }
}

export abstract class Desk {
    protected abstract form(): Form
    serve(): string {
        return "desk: " + this.form().text()
    }
}

export const day = new class extends Desk {
    protected form(): Form { return new ShortForm() }
}()

export const night = new class extends Desk {
    protected form(): Form { return new LongForm() }
}()

day.serve()
night.serve()
