<?php
declare(strict_types=1);
namespace Aldera\Forms;
interface Rule { public function error(mixed $value): ?string; }
final class Required implements Rule { public function error(mixed $value): ?string { return $value === null || $value === '' ? 'is missing' : null; } }
final class Between implements Rule { public function __construct(private int $min, private int $max) {} public function error(mixed $value): ?string { return $value < $this->min || $value > $this->max ? "not between {$this->min} and {$this->max}" : null; } }
abstract class Field
{
    /** @var Rule[] */
    private array $rules = [];
    public function __construct(public readonly string $name, protected mixed $value = null) {}
    public function rule(Rule $rule): static { $this->rules[] = $rule; return $this; }
    public function errors(): array { return array_values(array_filter(array_map(fn (Rule $r) => $r->error($this->value), $this->rules))); }
    public function html(): string { return sprintf('<label>%s %s</label>', htmlspecialchars($this->name), $this->input()); }
    abstract protected function input(): string;
}
final class TextField extends Field { protected function input(): string { return "<input name='{$this->name}' value='{$this->value}'>"; } }
final class NumberField extends Field { protected function input(): string { return "<input type='number' name='{$this->name}' value='{$this->value}'>"; } }
final class Form
{
    /** @var array<string, Field> */
    private array $fields = [];
    public function add(Field $field): self { $this->fields[$field->name] = $field; return $this; }
    public function html(): string { return '<form>' . implode('', array_map(fn (Field $f) => $f->html(), $this->fields)) . '</form>'; }
    public function valid(): bool { foreach ($this->fields as $field) { if ($field->errors() !== []) { return false; } } return true; }
}
function berthForm(array $post): Form
{
    return (new Form())->add((new TextField('ship', $post['ship'] ?? null))->rule(new Required()))->add((new NumberField('metres', $post['metres'] ?? 0))->rule(new Between(3, 60)));
}
echo berthForm($_POST)->html();
