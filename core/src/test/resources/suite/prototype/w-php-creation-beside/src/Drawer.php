<?php
declare(strict_types=1);

namespace Office;

final class Drawer
{
    /** @var array<string, Form> */
    private array $forms = [];

    public function lay(string $name, Form $form): void
    {
        $this->forms[$name] = $form;
    }

    public function take(string $name): Form
    {
        return $this->forms[$name]->blank();
    }
}
