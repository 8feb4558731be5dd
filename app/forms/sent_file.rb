# frozen_string_literal: true

module Forms
  # A file as a browser sends it: the one way in, and never more of it than its limit.
  class SentFile
    MB = 1024 * 1024
    MOST_NAME = 200

    # @param sent [Object] what stands under the field's name
    # @return [SentFile, nil] nil where no file was chosen
    def self.of(sent) = (new(sent) if sent.is_a?(Hash) && sent[:tempfile].respond_to?(:read))

    # @return [Array<SentFile>]
    def self.all(sent) = (sent.is_a?(Array) ? sent : [sent]).filter_map { |file| of(file) }

    def initialize(sent)
      @sent = sent
    end

    # its name, the end of it where it is long
    def name = @sent[:filename].to_s.strip.then { |name| name[-MOST_NAME..] || name }

    # the same without what it ends in
    def bare_name = File.basename(name, ".*").strip[0, 120].then { |name| name.empty? ? "Artwork" : name }

    # where it lies until the request is answered
    def path = @sent[:tempfile].path

    # @param most [Integer] bytes  @param advice [String] what to do where it is larger
    # @return [String]
    # @raise [UpClose::Error]
    def bytes(most, advice: "Save it smaller.")
      file = @sent[:tempfile].tap(&:rewind)
      return file.read.to_s.b if file.size <= most
      raise UpClose::Error.new("This file is #{file.size / MB} MB; #{most / MB} MB is the most.", remedy: advice)
    end
  end
end
