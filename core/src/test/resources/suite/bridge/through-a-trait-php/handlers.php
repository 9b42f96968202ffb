<?php
interface Layout { public function lay(array $row): string; }
class PlainLayout implements Layout { public function lay(array $row): string { return implode(' ', $row); } }
class TableLayout implements Layout { public function lay(array $row): string { return '|' . implode('|', $row) . '|'; } }
interface LaidOut { public function setLayout(Layout $layout): void; public function getLayout(): Layout; }
trait HasLayout {
    protected ?Layout $layout = null;
    public function setLayout(Layout $layout): void { $this->layout = $layout; }
    public function getLayout(): Layout { return $this->layout; }
}
abstract class Writer implements LaidOut {
    use HasLayout;
    public function write(array $row): void { $this->put($this->getLayout()->lay($row)); }
    abstract protected function put(string $text): void;
}
class ScreenWriter extends Writer { protected function put(string $text): void { echo $text; } }
class FileWriter extends Writer { protected function put(string $text): void { file_put_contents('out', $text); } }
class Office {
    public function begin(): void {
        $writer = new ScreenWriter();
        $writer->setLayout(new PlainLayout());
        $writer->write(['berth', '4']);
        $file = new FileWriter();
        $file->setLayout(new TableLayout());
        $file->write(['berth', '4']);
    }
}
