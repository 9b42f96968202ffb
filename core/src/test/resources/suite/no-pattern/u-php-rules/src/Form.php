<?php
namespace Forms;

final class Form
{
    /** @var array<string, Rule> */
    private array $rules = [];

    public static function for(string ...$fields): self
    {
        $form = new self();
        foreach ($fields as $field) {
            $form->field($field, new Required());
        }
        return $form;
    }

    public function field(string $name, Rule $rule): static
    {
        $this->rules[$name] = $rule;
        return $this;
    }

    /** @return array<string, string> */
    public function problems(array $data): array
    {
        $found = [];
        foreach ($this->rules as $name => $rule) {
            $problem = $rule->check($data[$name] ?? null);
            if ($problem !== null) {
                $found[$name] = $problem;
            }
        }
        return $found;
    }
}
