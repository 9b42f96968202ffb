class Form
  attr_accessor :title, :author
  attr_reader :fields

  def initialize(title)
    @title = title
    @fields = {}
    @author = nil
    @seal = "unsealed"
  end

  def set(name, value)
    @fields[name] = value
  end

  def blank_copy
    copy = Form.new(@title)
    @fields.each { |name, value| copy.set(name, value) }
    copy.author = @author
    copy
  end

  def seal!
    @seal = "sealed by #{@author}"
  end
end

class FormDrawer
  def initialize
    @masters = {}
  end

  def keep(name, form)
    @masters[name] = form
  end

  def fresh(name)
    @masters.fetch(name).blank_copy
  end
end
