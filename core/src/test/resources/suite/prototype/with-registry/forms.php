<?php

abstract class Form
{
    /** @var array<string, string> */
    protected array $fields = [];

    public function fill(string $name, string $value): static
    {
        $this->fields[$name] = $value;

        return $this;
    }

    abstract public function title(): string;

    public function copy(): static
    {
        return clone $this;
    }
}

final class ArrivalForm extends Form
{
    public function title(): string
    {
        return 'arrival';
    }
}

final class CustomsForm extends Form
{
    private ?DateTime $signed = null;

    public function sign(): void
    {
        $this->signed = new DateTime();
    }

    public function __clone()
    {
        if ($this->signed !== null) {
            $this->signed = clone $this->signed;
        }
    }

    public function title(): string
    {
        return 'customs';
    }
}

final class Drawer
{
    /** @var array<string, Form> */
    private array $forms = [];

    public function keep(string $name, Form $form): void
    {
        $this->forms[$name] = $form;
    }

    public function take(string $name): Form
    {
        return $this->forms[$name]->copy();
    }
}

$drawer = new Drawer();
$drawer->keep('in', (new ArrivalForm())->fill('port', 'Aldera'));
$drawer->keep('customs', new CustomsForm());
echo $drawer->take('in')->fill('ship', 'Rosa')->title();
