class Widget
  def initialize(dialog)
    @dialog = dialog
  end

  def changed
    @dialog.changed(self)
  end
end

class Checkbox < Widget
  attr_reader :checked

  def toggle
    @checked = !@checked
    changed
  end
end

class TextBox < Widget
  attr_accessor :enabled
  attr_reader :text

  def type(text)
    @text = text
    changed
  end
end

class OkButton < Widget
  attr_writer :enabled

  def enabled?
    @enabled
  end
end

class SignUpDialog
  def initialize
    @newsletter = Checkbox.new(self)
    @mail = TextBox.new(self)
    @ok = OkButton.new(self)
  end

  def changed(widget)
    case widget
    when @newsletter
      @mail.enabled = @newsletter.checked
    when @mail
      @ok.enabled = !@mail.text.empty?
    end
  end
end
