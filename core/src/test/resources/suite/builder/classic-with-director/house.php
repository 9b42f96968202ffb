<?php

final class Notice
{
    public function __construct(private string $head, private string $body)
    {
    }

    public function text(): string
    {
        return $this->head . "\n" . $this->body;
    }
}

interface NoticeBuilder
{
    public function head(string $title): void;
    public function line(string $text): void;
    public function notice(): Notice;
}

final class PlainBuilder implements NoticeBuilder
{
    private string $head = '';
    private array $lines = [];

    public function head(string $title): void
    {
        $this->head = $title;
    }

    public function line(string $text): void
    {
        $this->lines[] = $text;
    }

    public function notice(): Notice
    {
        return new Notice($this->head, implode("\n", $this->lines));
    }
}

final class MarkedBuilder implements NoticeBuilder
{
    private string $head = '';
    private string $body = '';

    public function head(string $title): void
    {
        $this->head = '# ' . $title;
    }

    public function line(string $text): void
    {
        $this->body .= '- ' . $text . "\n";
    }

    public function notice(): Notice
    {
        return new Notice($this->head, $this->body);
    }
}

final class Clerk
{
    public function gale(NoticeBuilder $builder): void
    {
        $builder->head('Gale');
        $builder->line('from the west');
        $builder->line('stay in port');
    }
}

$builder = new MarkedBuilder();
(new Clerk())->gale($builder);
echo $builder->notice()->text();
$plain = new PlainBuilder();
(new Clerk())->gale($plain);
echo $plain->notice()->text();
