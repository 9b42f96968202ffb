<?php
namespace Aldera\Form;

interface FormDirector
{
    public function changed(Widget $widget): void;
}

abstract class Widget
{
    public function __construct(protected FormDirector $director)
    {
    }
}

final class NameField extends Widget
{
    private string $value = '';

    public function fill(string $value): void
    {
        $this->value = $value;
        $this->director->changed($this);
    }

    public function isEmpty(): bool
    {
        return $this->value === '';
    }
}

final class AgreeBox extends Widget
{
    private bool $ticked = false;

    public function tick(): void
    {
        $this->ticked = true;
        $this->director->changed($this);
    }

    public function reset(): void
    {
        $this->ticked = false;
    }

    public function ticked(): bool
    {
        return $this->ticked;
    }
}

final class SendButton extends Widget
{
    private bool $enabled = false;

    public function enable(bool $enabled): void
    {
        $this->enabled = $enabled;
    }

    public function press(): void
    {
        if ($this->enabled) {
            $this->director->changed($this);
        }
    }
}

final class BookingForm implements FormDirector
{
    private NameField $name;
    private AgreeBox $agree;
    private SendButton $send;

    public function __construct()
    {
        $this->name = new NameField($this);
        $this->agree = new AgreeBox($this);
        $this->send = new SendButton($this);
    }

    public function changed(Widget $widget): void
    {
        if ($widget === $this->name) {
            $this->agree->reset();
        }
        $this->send->enable(!$this->name->isEmpty() && $this->agree->ticked());
    }
}
