class Form
  attr_accessor :title, :lines, :due

  def initialize(title)
    @title = title
    @lines = []
    @due = nil
  end
end

class Clerk
  def again(form)
    copy = Form.new(form.title)
    copy.lines = form.lines.dup
    copy
  end
end

puts Clerk.new.again(Form.new('dues')).title
