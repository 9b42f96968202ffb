<?php
final class Version
{
    public function __construct(private string $words, private int $cursor)
    {
    }

    public function words(): string
    {
        return $this->words;
    }

    public function cursor(): int
    {
        return $this->cursor;
    }
}

final class Text
{
    private string $words = '';
    private int $cursor = 0;

    public function write(string $more): void
    {
        $this->words .= $more;
        $this->cursor += strlen($more);
    }

    public function save(): Version
    {
        return new Version($this->words, $this->cursor);
    }

    public function restore(Version $version): void
    {
        $this->words = $version->words();
        $this->cursor = $version->cursor();
    }
}

final class Versions
{
    /** @var Version[] */
    private array $kept = [];

    public function push(Text $text): void
    {
        $this->kept[] = $text->save();
    }

    public function pop(Text $text): void
    {
        $text->restore(array_pop($this->kept));
    }
}
