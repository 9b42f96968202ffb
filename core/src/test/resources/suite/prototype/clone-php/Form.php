<?php
final class Form
{
    private string $title = '';
    private int $pages = 0;

    public function title(string $title): void
    {
        $this->title = $title;
    }

    public function copy(): self
    {
        return clone $this;
    }
}

final class Tray
{
    public function next(Form $form): Form
    {
        return $form->copy();
    }
}
