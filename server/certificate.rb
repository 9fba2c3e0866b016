# frozen_string_literal: true

require "openssl"

module Scullion
  # What the server shows to prove who it is beyond this machine: a certificate that is given, or one of its
  # own, made at the first start and kept beside the data.
  module Certificate
    DAYS = 3650
    BITS = 2048

    # @param folder [String] where its own is kept @param names [Array<String>] that it is asked by
    # @return [Array(String, String)] paths of the certificate and its key
    def self.own(folder, names)
      paths = %w[certificate.pem certificate-key.pem].map { |name| File.join(folder, name) }
      return paths if paths.all? { |path| File.file?(path) }

      FileUtils.mkdir_p(folder)
      key = OpenSSL::PKey::RSA.new(BITS)
      File.write(paths.last, key.to_pem, perm: 0o600)
      File.write(paths.first, made(key, names).to_pem)
      paths
    end

    def self.made(key, names)
      made = OpenSSL::X509::Certificate.new
      made.version = 2
      made.serial = OpenSSL::BN.rand(120)
      made.subject = made.issuer = OpenSSL::X509::Name.new([%w[CN Scullion]])
      made.public_key = key.public_key
      made.not_before = Time.now - 86_400
      made.not_after = Time.now + (DAYS * 86_400)
      extensions(made, names)
      made.sign(key, OpenSSL::Digest.new("SHA256"))
    end

    def self.extensions(made, names)
      factory = OpenSSL::X509::ExtensionFactory.new(made, made)
      known = names.map { |name| "#{name.match?(/\A[\d.]+\z|:/) ? "IP" : "DNS"}:#{name.delete("[]")}" }.uniq
      made.add_extension(factory.create_extension("basicConstraints", "CA:FALSE", true))
      made.add_extension(factory.create_extension("subjectAltName", known.join(",")))
    end
    private_class_method :made, :extensions
  end
end
