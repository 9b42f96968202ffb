<?php
abstract class Page
{
    public function render(): string
    {
        return '<h1>' . $this->title() . '</h1>' . $this->content();
    }

    abstract protected function title(): string;

    protected function content(): string
    {
        return '';
    }
}

final class Home extends Page
{
    protected function title(): string
    {
        return 'Home';
    }

    protected function content(): string
    {
        return 'Welcome';
    }
}
